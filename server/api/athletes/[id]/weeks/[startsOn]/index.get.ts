import { weekSheet } from '../../../../../services/weeks'
import { defineRoute, STAFF } from '../../../../../utils/defineRoute'

export default defineRoute({
  roles: STAFF,
  handle: ({ context, param }) => weekSheet(context, param('id'), param('startsOn')),
})
