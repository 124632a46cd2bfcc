import { answersSchema } from '~~/shared/schemas'
import { screenAthlete } from '../../../services/screening'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/screening', {
  body: answersSchema,
  handle: ({ context, param, body }) => screenAthlete(context, param('id'), body.version, body.answers),
})
