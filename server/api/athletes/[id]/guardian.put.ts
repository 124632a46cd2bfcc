import { guardianSchema } from '~~/shared/schemas'
import { changeGuardian } from '../../../services/guardians'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/guardian', {
  body: guardianSchema,
  handle: ({ context, param, body }) => changeGuardian(context, param('id'), body),
})
