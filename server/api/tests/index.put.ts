import { ownTestsSchema } from '~~/shared/schemas'
import { saveOwnTests } from '../../services/assessment'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/tests', {
  body: ownTestsSchema,
  handle: ({ context, body }) => saveOwnTests(context, body),
})
