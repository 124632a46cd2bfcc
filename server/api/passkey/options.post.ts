import { passkeySignInOptions } from '../../services/passkeys'
import { ask } from '../../utils/asked'
import { defineOpenRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'

export default defineOpenRoute('POST /api/passkey/options', async event =>
  ask(event, await passkeySignInOptions(useRuntime().configuration.publicUrl)))
