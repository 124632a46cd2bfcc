import { squadTrials } from '../../services/trials'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/trials', {
  handle: ({ context }) => squadTrials(context),
})
