import { weekSheet } from '../../../../../services/weeks'
import { defineRoute } from '../../../../../utils/defineRoute'

export default defineRoute('GET /api/athletes/:id/weeks/:startsOn', {
  handle: ({ context, param }) => weekSheet(context, param('id'), param('startsOn')),
})
