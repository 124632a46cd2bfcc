import { staffChangeSchema } from '~~/shared/schemas'
import { changeStaff } from '../../services/staff'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/staff/:id', {
  body: staffChangeSchema,
  handle: ({ context, param, body }) => changeStaff(context, param('id'), body),
})
