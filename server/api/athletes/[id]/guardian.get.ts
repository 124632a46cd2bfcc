import { theGuardian } from '../../../services/guardians'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/guardian', {
  handle: ({ context, param }) => theGuardian(context, param('id')),
})
