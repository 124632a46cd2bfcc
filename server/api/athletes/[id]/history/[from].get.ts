import { history } from '../../../../services/history'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/history/:from', {
  handle: ({ context, param }) => history(context, param('id'), param('from'), context.today),
})
