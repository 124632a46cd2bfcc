import { retryRun } from '../../../services/planRuns'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/plan-runs/:id/retry', {
  handle: ({ context, param }) => retryRun(context, param('id')),
})
