import { checked, signInSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { signIn } from '../../services/signIn'
import { callerAddress, defineOpenRoute } from '../../utils/defineRoute'
import { readJson } from '../../utils/readBody'
import { useRuntime } from '../../utils/runtime'
import { openSession } from '../../utils/signedIn'

/** Signing in. Tries are counted before the password is looked at, so that many at once gain nothing. */
export default defineOpenRoute('POST /api/session', async (event): Promise<SessionAnswer> => {
  const { db, limits } = useRuntime()
  const input = checked(signInSchema, await readJson(event))
  const address = callerAddress(event)
  // The address before the account: who guesses from one place uses up that place, and nobody's account.
  await limits.count('address', address)
  await limits.count('accountAndAddress', input.email, address)
  await limits.count('account', input.email)
  const person = await signIn(db, input, event.context.requestId as string)
  await limits.forget('accountAndAddress', input.email, address)
  // Whoever has an account of their own guesses no longer at another for it.
  await limits.giveBack('account', input.email)
  await limits.giveBack('address', address)
  return openSession(event, person, input.ownDevice)
})
