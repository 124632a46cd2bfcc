import { endPasskey } from '../../../services/passkeys'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('DELETE /api/session/passkeys/:id', {
  handle: ({ context, param }) => endPasskey(context, param('id')),
})
