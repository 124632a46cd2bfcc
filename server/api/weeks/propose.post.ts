import { bulkProposeSchema } from '~~/shared/schemas'
import { proposeForMany } from '../../services/weeks'
import { COACHES, defineRoute } from '../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: bulkProposeSchema,
  handle: ({ context, body }) => proposeForMany(context, body),
})
