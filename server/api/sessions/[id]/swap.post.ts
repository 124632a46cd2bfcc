import { swapSchema } from '~~/shared/schemas'
import { swapDrill } from '../../../services/swap'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/sessions/:id/swap', {
  body: swapSchema,
  handle: ({ context, param, body }) => swapDrill(context, param('id'), body.itemId, body.variationId),
})
