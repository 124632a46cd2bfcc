import { athleteTraces } from '../../../../services/trials'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/traces/:from', {
  handle: async ({ context, param }) => ({ traces: await athleteTraces(context, param('id'), param('from')) }),
})
