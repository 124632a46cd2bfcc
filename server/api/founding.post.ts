import { checked, foundingSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { found } from '../services/founding'
import { callerAddress, defineOpenRoute } from '../utils/defineRoute'
import { readJson } from '../utils/readBody'
import { useRuntime } from '../utils/runtime'
import { openSession } from '../utils/signedIn'

/** Founds the first organisation: whoever has the code is its head coach, and is signed in. */
export default defineOpenRoute('POST /api/founding', async (event): Promise<SessionAnswer> => {
  const { db, limits } = useRuntime()
  await limits.count('link', callerAddress(event))
  const person = await found(db, checked(foundingSchema, await readJson(event)), event.context.requestId as string)
  return openSession(event, person)
})
