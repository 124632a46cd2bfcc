import type { SessionAnswer } from '~~/shared/types'
import { defineOpenRoute } from '../../utils/defineRoute'
import { signedIn } from '../../utils/signedIn'

export default defineOpenRoute('GET /api/session', async (event): Promise<SessionAnswer> => {
  const who = await signedIn(event)
  return { me: who?.me ?? null, csrf: who?.csrf ?? null }
})
