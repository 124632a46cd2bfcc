import { newPasskeySchema } from '~~/shared/schemas'
import { addPasskey } from '../../../services/passkeys'
import { whatWasAsked } from '../../../utils/asked'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/session/passkeys', {
  body: newPasskeySchema,
  handle: async ({ event, context, body }) => addPasskey(context, body, await whatWasAsked(event)),
})
