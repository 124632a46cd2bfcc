import { history } from '../../../../services/athletes'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/history/:from', {
  handle: ({ context, param }) => history(context, param('id'), param('from'), context.today),
})
