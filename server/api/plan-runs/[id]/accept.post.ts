import { acceptRunSchema } from '~~/shared/schemas'
import { acceptRun } from '../../../services/planRuns'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/plan-runs/:id/accept', {
  body: acceptRunSchema,
  handle: ({ context, param, body }) => acceptRun(context, param('id'), body.athleteIds),
})
