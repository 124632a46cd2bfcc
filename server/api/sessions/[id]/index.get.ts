import { runSession } from '../../../services/sessions'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/sessions/:id', {
  handle: ({ context, param }) => runSession(context, param('id')),
})
