import { seasonChangeSchema } from '~~/shared/schemas'
import { changeSeason } from '../../../services/changeSeason'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/seasons/:groupId', {
  body: seasonChangeSchema,
  handle: ({ context, body, param }) => changeSeason(context, param('groupId'), body),
})
