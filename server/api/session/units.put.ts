import { unitsSchema } from '~~/shared/schemas'
import { saveUnits } from '../../services/units'
import { ALL, defineRoute } from '../../utils/defineRoute'

export default defineRoute({ roles: ALL, body: unitsSchema, handle: ({ context, body }) => saveUnits(context, body) })
