import { assignSchema } from '~~/shared/schemas'
import { assignWeek } from '../../../../../services/assignWeek'
import { COACHES, defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: assignSchema,
  handle: ({ context, param, body }) => assignWeek(context, param('id'), param('startsOn'), body.version),
})
