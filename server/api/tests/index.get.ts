import { storedOwnTests } from '../../services/ownTests'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/tests', {
  handle: ({ context }) => storedOwnTests(context),
})
