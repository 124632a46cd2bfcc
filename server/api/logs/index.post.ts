import { setLogsSchema } from '~~/shared/schemas'
import { logSets } from '../../services/logSets'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/logs', {
  body: setLogsSchema,
  handle: ({ context, body }) => logSets(context, body.logs),
})
