import { trialsSchema } from '~~/shared/schemas'
import { logTrials } from '../../services/trials'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/trials', {
  body: trialsSchema,
  handle: ({ context, body }) => logTrials(context, body.trials),
})
