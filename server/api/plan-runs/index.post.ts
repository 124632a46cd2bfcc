import { planRunSchema } from '~~/shared/schemas'
import { startRun } from '../../services/planRuns'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/plan-runs', {
  body: planRunSchema,
  handle: ({ context, body }) => startRun(context, body),
})
