import { groupSchema } from '~~/shared/schemas'
import { addGroup } from '../../services/groups'
import { COACHES, defineRoute } from '../../utils/defineRoute'

export default defineRoute({ roles: COACHES, body: groupSchema, handle: ({ context, body }) => addGroup(context, body) })
