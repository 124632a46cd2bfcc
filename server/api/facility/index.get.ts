import { facility } from '../../services/groups'
import { defineRoute, STAFF } from '../../utils/defineRoute'

export default defineRoute({ roles: STAFF, handle: ({ context }) => facility(context) })
