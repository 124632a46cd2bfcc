import { assessment } from '../../../services/assessment'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/assessment', {
  handle: ({ context, param }) => assessment(context, param('id')),
})
