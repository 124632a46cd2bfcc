import { stopRun } from '../../../services/planRuns'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/plan-runs/:id/cancel', {
  handle: ({ context, param }) => stopRun(context, param('id')),
})
