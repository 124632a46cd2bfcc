import { allSeasons } from '../../services/seasons'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/seasons', { handle: ({ context }) => allSeasons(context) })
