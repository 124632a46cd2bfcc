import { saveWeekSchema } from '~~/shared/schemas'
import { storeWeek } from '../../../../../services/weeks'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/weeks/:startsOn', {
  body: saveWeekSchema,
  handle: ({ context, param, body }) => storeWeek(context, param('id'), param('startsOn'), body.version, body.plan),
})
