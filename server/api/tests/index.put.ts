import { ownTestsSchema } from '~~/shared/schemas'
import { saveOwnTests } from '../../services/ownTests'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/tests', {
  body: ownTestsSchema,
  handle: ({ context, body }) => saveOwnTests(context, body),
})
