import { groupSchema } from '~~/shared/schemas'
import { addGroup } from '../../services/groups'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/groups', {
  body: groupSchema,
  handle: ({ context, body }) => addGroup(context, body),
})
