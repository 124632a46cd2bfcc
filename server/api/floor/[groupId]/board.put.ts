import { floorBoardSchema } from '~~/shared/schemas'
import { keepFloorBoard } from '../../../services/floorBoard'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/floor/:groupId/board', {
  body: floorBoardSchema,
  handle: ({ context, param, body }) => keepFloorBoard(context, param('groupId'), body),
})
