import { unitsSchema } from '~~/shared/schemas'
import { saveUnits } from '../../services/account'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/session/units', {
  body: unitsSchema,
  handle: ({ context, body }) => saveUnits(context, body),
})
