import { checked, passkeySignInSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { signInByPasskey } from '../../services/passkeys'
import { whatWasAsked } from '../../utils/asked'
import { callerAddress, defineOpenRoute } from '../../utils/defineRoute'
import { readJson } from '../../utils/readBody'
import { useRuntime } from '../../utils/runtime'
import { openSession } from '../../utils/signedIn'

/** Signing in by a key of the device instead of a password. */
export default defineOpenRoute('POST /api/passkey', async (event): Promise<SessionAnswer> => {
  const { db, limits, configuration: { publicUrl } } = useRuntime()
  const input = checked(passkeySignInSchema, await readJson(event))
  await limits.count('address', callerAddress(event))
  const asked = { challenge: await whatWasAsked(event), publicUrl }
  const person = await signInByPasskey(db, input, asked, event.context.requestId as string, new Date())
  await limits.giveBack('address', callerAddress(event))
  return openSession(event, person, input.ownDevice)
})
