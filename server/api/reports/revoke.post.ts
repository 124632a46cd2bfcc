import { withdrawSchema } from '~~/shared/schemas'
import { revokeReport } from '../../services/reports'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/reports/revoke', {
  body: withdrawSchema,
  handle: ({ context, body }) => revokeReport(context, body.id),
})
