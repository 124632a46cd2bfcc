import { proposeSchema } from '~~/shared/schemas'
import { reviewWeek } from '../../../../../services/weeks'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/weeks/:startsOn/review', {
  body: proposeSchema,
  handle: ({ context, param, body }) => reviewWeek(context, param('id'), param('startsOn'), body.sessions),
})
