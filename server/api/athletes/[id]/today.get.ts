import { athleteToday } from '../../../services/sessions'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/today', {
  handle: ({ context, param }) => athleteToday(context, param('id')),
})
