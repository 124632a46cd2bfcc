import { healthAlerts } from '../services/alerts'
import { defineRoute } from '../utils/defineRoute'

export default defineRoute('GET /api/alerts', { handle: ({ context }) => healthAlerts(context) })
