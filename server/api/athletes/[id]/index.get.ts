import { getAthlete } from '../../../services/athletes'
import { defineRoute, STAFF } from '../../../utils/defineRoute'

export default defineRoute({ roles: STAFF, handle: ({ context, param }) => getAthlete(context, param('id')) })
