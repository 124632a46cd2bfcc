import { setLogsSchema } from '~~/shared/schemas'
import { logSets } from '../../services/sessions'
import { ALL, defineRoute } from '../../utils/defineRoute'

export default defineRoute({ roles: ALL, body: setLogsSchema, handle: ({ context, body }) => logSets(context, body.logs) })
