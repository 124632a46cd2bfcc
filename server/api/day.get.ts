import { coachDay } from '../services/coachDay'
import { defineRoute } from '../utils/defineRoute'

export default defineRoute('GET /api/day', { handle: ({ context }) => coachDay(context) })
