import { athleteSeries } from '../../../../services/weekSums'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/series/:from', {
  handle: ({ context, param }) => athleteSeries(context, param('id'), param('from')),
})
