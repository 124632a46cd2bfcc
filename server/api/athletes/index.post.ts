import { athleteAddSchema } from '~~/shared/schemas'
import { addAthlete } from '../../services/athletes'
import { COACHES, defineRoute } from '../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: athleteAddSchema,
  handle: ({ context, body }) => addAthlete(context, body.id, body.athlete),
})
