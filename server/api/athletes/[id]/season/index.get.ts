import { mySeason } from '../../../../services/seasons'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/season', {
  handle: ({ context, param }) => mySeason(context, param('id')),
})
