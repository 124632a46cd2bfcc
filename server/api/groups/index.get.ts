import { groups } from '../../services/groups'
import { defineRoute, STAFF } from '../../utils/defineRoute'

export default defineRoute({ roles: STAFF, handle: ({ context }) => groups(context) })
