import { beginning } from '../services/beginning'
import { defineRoute } from '../utils/defineRoute'

export default defineRoute('GET /api/beginning', { handle: ({ context }) => beginning(context) })
