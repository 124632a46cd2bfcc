import { proposeSchema } from '~~/shared/schemas'
import { proposeForOne } from '../../../../../services/weeks'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/weeks/:startsOn/propose', {
  body: proposeSchema,
  handle: ({ context, param, body }) => proposeForOne(context, param('id'), param('startsOn'), body.sessions),
})
