import { withdrawSchema } from '~~/shared/schemas'
import { withdrawClearance } from '../../../../services/screening'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/clearances/withdraw', {
  body: withdrawSchema,
  handle: ({ context, param, body }) => withdrawClearance(context, param('id'), body.id),
})
