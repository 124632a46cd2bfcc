import { presentPasswordSchema } from '~~/shared/schemas'
import { prepareFactor } from '../../../services/secondFactor'
import { countedPassword } from '../../../utils/countedPassword'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/session/factor', {
  body: presentPasswordSchema,
  handle: ({ event, context, body }) => countedPassword(event, context, () => prepareFactor(context, body.password)),
})
