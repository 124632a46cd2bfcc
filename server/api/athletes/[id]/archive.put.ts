import { archiveSchema } from '~~/shared/schemas'
import { archiveAthlete } from '../../../services/athletes'
import { COACHES, defineRoute } from '../../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: archiveSchema,
  handle: ({ context, param, body }) => archiveAthlete(context, param('id'), body.version, body.archived),
})
