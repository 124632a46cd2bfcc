import { squadQuerySchema } from '~~/shared/schemas'
import { decisionTray } from '../../services/decisions'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/decisions', {
  query: squadQuerySchema,
  handle: ({ context, query }) => decisionTray(context, query),
})
