import { theRun } from '../../../services/planRuns'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/plan-runs/:id', {
  handle: ({ context, param }) => theRun(context, param('id')),
})
