import { athleteUpdateSchema } from '~~/shared/schemas'
import { saveAthlete } from '../../../services/athletes'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id', {
  body: athleteUpdateSchema,
  handle: ({ context, param, body }) => saveAthlete(context, param('id'), body.version, body.athlete),
})
