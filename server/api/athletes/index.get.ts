import { rosterQuerySchema } from '~~/shared/schemas'
import { roster } from '../../services/roster'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/athletes', {
  query: rosterQuerySchema,
  handle: ({ context, query }) => roster(context, query),
})
