import type { SessionAnswer } from '~~/shared/types'
import { endSignIn } from '../../services/signedInOn'
import { defineOpenRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { cookieSession, signedIn } from '../../utils/signedIn'

/** Signing out on this device: at worst somebody has to sign in again, so no token is asked for. */
export default defineOpenRoute('DELETE /api/session', async (event): Promise<SessionAnswer> => {
  const who = await signedIn(event)
  const requestId = event.context.requestId as string
  if (who) await endSignIn({ db: useRuntime().db, actor: who.actor, requestId }, who.signIn.id)
  await (await cookieSession(event)).clear()
  return { me: null, csrf: null }
})
