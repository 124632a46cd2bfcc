import { withdrawTrialsSchema } from '~~/shared/schemas'
import { withdrawTrials } from '../../services/trials'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/trials/withdraw', {
  body: withdrawTrialsSchema,
  handle: ({ context, body }) => withdrawTrials(context, body.ids),
})
