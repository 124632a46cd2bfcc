import { sportsSchema } from '~~/shared/schemas'
import { saveSports } from '../../services/ownSports'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/sports', {
  body: sportsSchema,
  handle: ({ context, body }) => saveSports(context, body),
})
