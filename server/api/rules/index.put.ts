import { rulesChangeSchema } from '~~/shared/schemas'
import { changeRules } from '../../services/planningRules'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/rules', {
  body: rulesChangeSchema,
  handle: ({ context, body }) => changeRules(context, body),
})
