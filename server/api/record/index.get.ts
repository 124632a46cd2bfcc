import { recordQuerySchema } from '~~/shared/schemas'
import { theRecord } from '../../services/theRecord'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/record', {
  query: recordQuerySchema,
  handle: ({ context, query }) => theRecord(context, query),
})
