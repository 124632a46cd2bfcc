import { roomsSchema } from '~~/shared/schemas'
import { saveRooms } from '../../services/rooms'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/rooms', {
  body: roomsSchema,
  handle: ({ context, body }) => saveRooms(context, body),
})
