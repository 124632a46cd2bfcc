import { athleteReview } from '../../../../../services/review'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/review/:from/:to', {
  late: true,
  handle: ({ context, param }) => athleteReview(context, param('id'), { from: param('from'), to: param('to') }),
})
