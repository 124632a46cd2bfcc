import { facilitySchema } from '~~/shared/schemas'
import { saveFacility } from '../../services/facility'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/facility', {
  body: facilitySchema,
  handle: ({ context, body }) => saveFacility(context, body),
})
