import { eraseSchema } from '~~/shared/schemas'
import { eraseStaff } from '../../services/eraseStaff'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('DELETE /api/staff/:id', {
  body: eraseSchema,
  handle: ({ context, param, body }) => eraseStaff(context, param('id'), body.name),
})
