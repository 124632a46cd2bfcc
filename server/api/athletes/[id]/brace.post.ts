import { braceCheckSchema } from '~~/shared/schemas'
import { checkBrace } from '../../../services/brace'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/brace', {
  body: braceCheckSchema,
  handle: ({ context, param, body }) => checkBrace(context, param('id'), body),
})
