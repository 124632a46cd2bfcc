import { archiveSchema } from '~~/shared/schemas'
import { archiveAthlete } from '../../../services/athletes'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/archive', {
  body: archiveSchema,
  handle: ({ context, param, body }) => archiveAthlete(context, param('id'), body.version, body.archived),
})
