import { assignSchema } from '~~/shared/schemas'
import { assignWeek } from '../../../../../services/assignWeek'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/weeks/:startsOn/assign', {
  body: assignSchema,
  handle: ({ context, param, body }) => assignWeek(context, param('id'), param('startsOn'), body.version, body.reason),
})
