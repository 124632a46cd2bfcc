import { devices } from '../../../services/signedInOn'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/session/devices', {
  handle: ({ context, who }) => devices(context, who.signIn.id, new Date()),
})
