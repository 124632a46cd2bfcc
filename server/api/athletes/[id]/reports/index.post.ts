import { reportLinkSchema } from '~~/shared/schemas'
import { addReportLink } from '../../../../services/reports'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/reports', {
  body: reportLinkSchema,
  handle: ({ context, param, body }) => addReportLink(context, param('id'), body),
})
