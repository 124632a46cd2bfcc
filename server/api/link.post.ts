import { checked, linkSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { useLink } from '../services/links'
import { callerAddress, defineOpenRoute, mustBePrepared } from '../utils/defineRoute'
import { readJson } from '../utils/readBody'
import { useRuntime } from '../utils/runtime'
import { openSession } from '../utils/signedIn'

/** Accepts an invitation or resets a password: whoever holds the link chooses one, and is signed in. */
export default defineOpenRoute('POST /api/link', async (event): Promise<SessionAnswer> => {
  const { db, limits } = useRuntime()
  await limits.count('link', callerAddress(event))
  const { queue } = mustBePrepared()
  const { token, next } = checked(linkSchema, await readJson(event))
  const person = await useLink({ db, queue }, token, next, event.context.requestId as string, new Date())
  const who = await openSession(event, person)
  return { me: who?.me ?? null, csrf: who?.csrf ?? null }
})
