import { theRuns } from '../../services/planRuns'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/plan-runs', {
  handle: ({ context }) => theRuns(context),
})
