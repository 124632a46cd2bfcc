import { swapsFor } from '../../../../services/swap'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('GET /api/sessions/:id/swaps/:itemId', {
  handle: ({ context, param }) => swapsFor(context, param('id'), param('itemId')),
})
