import { athleteUpdateSchema } from '~~/shared/schemas'
import { saveAthlete } from '../../../services/athletes'
import { COACHES, defineRoute } from '../../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: athleteUpdateSchema,
  handle: ({ context, param, body }) => saveAthlete(context, param('id'), body.version, body.athlete),
})
