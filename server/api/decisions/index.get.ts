import { decisionTray } from '../../services/decisions'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/decisions', { handle: ({ context }) => decisionTray(context) })
