import { storedVersion } from '../../../../../services/weeks'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/weeks/:startsOn/version', {
  handle: ({ context, param }) => storedVersion(context, param('id'), param('startsOn')),
})
