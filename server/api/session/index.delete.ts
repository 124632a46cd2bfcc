import type { SessionAnswer } from '~~/shared/types'
import { defineOpenRoute } from '../../utils/defineRoute'
import { cookieSession } from '../../utils/signedIn'

/** Signing out on this device: at worst somebody has to sign in again, so no token is asked for. */
export default defineOpenRoute('DELETE /api/session', async (event): Promise<SessionAnswer> => {
  const session = await cookieSession(event)
  await session.clear()
  return { me: null, csrf: null }
})
