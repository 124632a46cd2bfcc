import { practiceSchema } from '~~/shared/schemas'
import { logPractice } from '../../../services/brace'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/practice', {
  body: practiceSchema,
  handle: ({ context, param, body }) => logPractice(context, param('id'), body),
})
