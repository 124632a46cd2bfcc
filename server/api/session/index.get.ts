import type { SessionAnswer } from '~~/shared/types'
import { mayFound } from '../../services/founding'
import { defineOpenRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { signedIn } from '../../utils/signedIn'

export default defineOpenRoute('GET /api/session', async (event): Promise<SessionAnswer> => {
  const who = await signedIn(event)
  if (who) return { me: who.me, csrf: who.csrf }
  return { me: null, csrf: null, ...await mayFound(useRuntime().db) ? { founding: true } : {} }
})
