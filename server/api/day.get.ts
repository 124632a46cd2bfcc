import { squadQuerySchema } from '~~/shared/schemas'
import { coachDay } from '../services/coachDay'
import { defineRoute } from '../utils/defineRoute'

export default defineRoute('GET /api/day', {
  query: squadQuerySchema,
  handle: ({ context, query }) => coachDay(context, query),
})
