import { standInSchema } from '~~/shared/schemas'
import { takeStandIn } from '../../../services/standIn'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/sessions/:id/stand-in', {
  body: standInSchema,
  handle: ({ context, param, body }) => takeStandIn(context, param('id'), body.itemId),
})
