import { storedCatalogue } from '../../services/catalogue'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/catalogue', {
  handle: ({ context }) => storedCatalogue(context),
})
