import { passkeys } from '../../../services/passkeys'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/session/passkeys', { handle: ({ context }) => passkeys(context) })
