import { getAthlete } from '../../../services/athletes'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id', {
  handle: ({ context, param }) => getAthlete(context, param('id')),
})
