import { checked, linkSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { useLink } from '../services/links'
import { callerAddress, defineOpenRoute, mustBePrepared } from '../utils/defineRoute'
import { readJson } from '../utils/readBody'
import { useRuntime } from '../utils/runtime'
import { openSession } from '../utils/signedIn'

/**
 * Accepts an invitation or resets a password: whoever holds the link chooses one, and is signed in; with a second
 * factor they sign in by it.
 */
export default defineOpenRoute('POST /api/link', async (event): Promise<SessionAnswer> => {
  const { db, limits } = useRuntime()
  await limits.count('link', callerAddress(event))
  const { queue } = mustBePrepared()
  const { token, next } = checked(linkSchema, await readJson(event))
  const person = await useLink({ db, queue }, token, next, event.context.requestId as string, new Date())
  return person.needsCode ? { me: null, csrf: null } : openSession(event, person)
})
