import { factorCodeSchema } from '~~/shared/schemas'
import { addFactor } from '../../../services/secondFactor'
import { countedPassword } from '../../../utils/countedPassword'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/session/factor', {
  body: factorCodeSchema,
  handle: ({ event, context, body }) =>
    countedPassword(event, context, () => addFactor(context, body.code, new Date())),
})
