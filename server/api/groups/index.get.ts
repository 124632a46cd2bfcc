import { groups } from '../../services/groups'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/groups', {
  handle: ({ context }) => groups(context),
})
