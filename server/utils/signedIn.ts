import { getCookie, useSession, type H3Event } from 'h3'
import type { Me } from '~~/shared/types'
import type { Actor } from '../services/context'
import { whoIs } from '../services/signIn'
import { useRuntime } from './runtime'

/** What the sealed cookie holds. */
interface CookieData {
  organisationId?: string
  personId?: string
  sessionVersion?: number
}

const COOKIE = 'keen-anchor'
const DAYS_14_S = 14 * 24 * 3600

/** The sealed, http-only session of a request. */
export function cookieSession(event: H3Event) {
  const { sessionPassword, secureCookies } = useRuntime().configuration
  return useSession<CookieData>(event, {
    password: sessionPassword,
    name: COOKIE,
    maxAge: DAYS_14_S,
    cookie: { httpOnly: true, sameSite: 'lax', secure: secureCookies, path: '/' },
  })
}

/** Who sent the request, or null. */
export async function signedIn(event: H3Event): Promise<{ actor: Actor, me: Me } | null> {
  // A visitor without a session is not given one for asking.
  if (!getCookie(event, COOKIE)) return null
  const { data } = await cookieSession(event)
  if (!data.organisationId || !data.personId || !data.sessionVersion) return null
  const found = await whoIs(useRuntime().db, {
    organisationId: data.organisationId, personId: data.personId, sessionVersion: data.sessionVersion,
  }, new Date())
  if (!found) return null
  const { person, me } = found
  return {
    me,
    actor: { organisationId: person.organisationId, personId: person.id, role: person.role, athleteId: person.athleteId },
  }
}
