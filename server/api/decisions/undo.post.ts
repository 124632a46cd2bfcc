import { withdrawSchema } from '~~/shared/schemas'
import { undoDecision } from '../../services/decisions'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/decisions/undo', {
  body: withdrawSchema,
  handle: ({ context, body }) => undoDecision(context, body.id),
})
