import { presentPasswordSchema } from '~~/shared/schemas'
import { newPasskeyOptions } from '../../../services/passkeys'
import { ask } from '../../../utils/asked'
import { countedPassword } from '../../../utils/countedPassword'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/session/passkeys/options', {
  body: presentPasswordSchema,
  handle: async ({ event, context, body }) =>
    ask(event, await countedPassword(event, context, () => newPasskeyOptions(context, body.password))),
})
