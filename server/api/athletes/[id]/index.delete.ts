import { eraseSchema } from '~~/shared/schemas'
import { eraseAthlete } from '../../../services/erasure'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('DELETE /api/athletes/:id', {
  body: eraseSchema,
  handle: ({ context, param, body }) => eraseAthlete(context, param('id'), body.name),
})
