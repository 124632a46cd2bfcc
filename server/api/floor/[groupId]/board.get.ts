import { floorBoard } from '../../../services/floorBoard'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/floor/:groupId/board', {
  handle: ({ context, param }) => floorBoard(context, param('groupId')),
})
