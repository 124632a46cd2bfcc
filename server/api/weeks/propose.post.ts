import { bulkProposeSchema } from '~~/shared/schemas'
import { proposeForMany } from '../../services/weeks'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/weeks/propose', {
  body: bulkProposeSchema,
  handle: ({ context, body }) => proposeForMany(context, body),
})
