import { exportAthlete } from '../../../services/erasure'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/export', {
  handle: ({ context, param }) => exportAthlete(context, param('id')),
})
