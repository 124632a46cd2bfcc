import { presentPasswordSchema } from '~~/shared/schemas'
import { endFactor } from '../../../services/secondFactor'
import { countedPassword } from '../../../utils/countedPassword'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/session/factor/end', {
  body: presentPasswordSchema,
  handle: ({ event, context, body }) => countedPassword(event, context, () => endFactor(context, body.password)),
})
