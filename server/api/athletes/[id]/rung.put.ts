import { placeSchema } from '~~/shared/schemas'
import { placeByHand } from '../../../services/placement'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/rung', {
  body: placeSchema,
  handle: ({ context, param, body }) => placeByHand(context, param('id'), body),
})
