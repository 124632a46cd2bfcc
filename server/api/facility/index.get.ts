import { facility } from '../../services/groups'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/facility', {
  handle: ({ context }) => facility(context),
})
