import { storedOwnTests } from '../../services/assessment'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/tests', {
  handle: ({ context }) => storedOwnTests(context),
})
