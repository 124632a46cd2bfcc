import { applySchema } from '~~/shared/schemas'
import { applyWeek } from '../../../../../services/applyWeek'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/weeks/:startsOn/apply', {
  body: applySchema,
  handle: ({ context, param, body }) => applyWeek(context, param('id'), param('startsOn'), body),
})
