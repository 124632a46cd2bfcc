import { runSession } from '../../services/sessions'
import { ALL, defineRoute } from '../../utils/defineRoute'

export default defineRoute({ roles: ALL, handle: ({ context, param }) => runSession(context, param('id')) })
