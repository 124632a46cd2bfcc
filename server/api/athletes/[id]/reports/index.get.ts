import { reportLinks } from '../../../../services/reports'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/reports', {
  handle: ({ context, param }) => reportLinks(context, param('id')),
})
