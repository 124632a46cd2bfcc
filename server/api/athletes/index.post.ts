import { athleteAddSchema } from '~~/shared/schemas'
import { addAthlete } from '../../services/athletes'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/athletes', {
  body: athleteAddSchema,
  handle: ({ context, body }) => addAthlete(context, body.id, body.athlete),
})
