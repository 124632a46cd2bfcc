import { facilitySchema } from '~~/shared/schemas'
import { saveFacility } from '../../services/groups'
import { COACHES, defineRoute } from '../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: facilitySchema,
  handle: ({ context, body }) => saveFacility(context, body.counts),
})
