import { roster } from '../../services/athletes'
import { defineRoute, STAFF } from '../../utils/defineRoute'

export default defineRoute({ roles: STAFF, handle: ({ context }) => roster(context) })
