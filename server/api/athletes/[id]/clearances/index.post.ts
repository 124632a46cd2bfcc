import { clearanceSchema } from '~~/shared/schemas'
import { addClearance } from '../../../../services/screening'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/clearances', {
  body: clearanceSchema,
  handle: ({ context, param, body }) => addClearance(context, param('id'), body),
})
