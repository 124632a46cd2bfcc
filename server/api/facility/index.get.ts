import { facility } from '../../services/facility'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/facility', {
  handle: ({ context }) => facility(context),
})
