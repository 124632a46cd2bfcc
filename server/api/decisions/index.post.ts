import { decisionsSchema } from '~~/shared/schemas'
import { decideAll } from '../../services/decisions'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/decisions', {
  body: decisionsSchema,
  handle: ({ context, body }) => decideAll(context, body.decisions),
})
