import { floorDay } from '../../../services/floor'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/floor/:groupId', {
  handle: ({ context, param }) => floorDay(context, param('groupId')),
})
