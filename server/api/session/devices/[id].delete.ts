import { endDevice } from '../../../services/signedInOn'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('DELETE /api/session/devices/:id', {
  handle: ({ context, who, param }) => endDevice(context, param('id'), who.signIn.id, new Date()),
})
