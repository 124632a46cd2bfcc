import { checked, signInSchema } from '~~/shared/schemas'
import { signIn } from '../../services/signIn'
import { guarded, readBodySafely } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { cookieSession, signedIn } from '../../utils/signedIn'

export default guarded(async (event) => {
  const person = await signIn(useRuntime().db, checked(signInSchema, await readBodySafely(event)))
  const session = await cookieSession(event)
  await session.update({
    organisationId: person.organisationId, personId: person.id, sessionVersion: person.sessionVersion,
  })
  const who = await signedIn(event)
  return { me: who?.me ?? null }
})
