import { checked, signInSchema } from '~~/shared/schemas'
import { signIn, whoIs } from '../../services/signIn'
import { guarded, readBodySafely } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { cookieSession } from '../../utils/signedIn'

export default guarded(async (event) => {
  const { db } = useRuntime()
  const person = await signIn(db, checked(signInSchema, await readBodySafely(event)))
  const data = { organisationId: person.organisationId, personId: person.id, sessionVersion: person.sessionVersion }
  const session = await cookieSession(event)
  await session.update(data)
  return { me: (await whoIs(db, data, new Date()))?.me ?? null }
})
