import { withdrawSchema } from '~~/shared/schemas'
import { withdrawTrial } from '../../services/assessment'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/trials/withdraw', {
  body: withdrawSchema,
  handle: ({ context, body }) => withdrawTrial(context, body.id),
})
