import { rooms } from '../../services/rooms'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/rooms', {
  handle: ({ context }) => rooms(context),
})
