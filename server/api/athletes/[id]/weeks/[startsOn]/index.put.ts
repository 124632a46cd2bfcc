import { saveWeekSchema } from '~~/shared/schemas'
import { storeWeek } from '../../../../../services/weeks'
import { COACHES, defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: saveWeekSchema,
  handle: ({ context, param, body }) => storeWeek(context, param('id'), param('startsOn'), body.version, body.plan),
})
