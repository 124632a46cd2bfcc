import { sessionEffortSchema } from '~~/shared/schemas'
import { tellSessionEffort } from '../../../services/sessionEffort'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/sessions/:id/effort', {
  body: sessionEffortSchema,
  handle: ({ context, param, body }) => tellSessionEffort(context, param('id'), body),
})
