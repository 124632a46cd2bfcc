import { storedSports } from '../../services/ownSports'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/sports', {
  handle: ({ context }) => storedSports(context),
})
