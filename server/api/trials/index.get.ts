import { squadQuerySchema } from '~~/shared/schemas'
import { squadTrials } from '../../services/trials'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/trials', {
  query: squadQuerySchema,
  handle: ({ context, query }) => squadTrials(context, query),
})
