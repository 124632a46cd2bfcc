import { randomUUID } from 'node:crypto'
import { getCookie, useSession, type H3Event } from 'h3'
import type { Me } from '~~/shared/types'
import type { Actor } from '../services/context'
import { whoIs } from '../services/signIn'
import { csrfToken } from './csrf'
import { useRuntime } from './runtime'

/** What the sealed cookie holds. */
interface CookieData {
  organisationId?: string
  personId?: string
  sessionVersion?: number
  /** Random for each sign-in: what the session's token is made from. */
  nonce?: string
}

const DAYS_14_S = 14 * 24 * 3600

/** Over https the browser itself refuses the cookie to anything but this very host. */
const cookieName = (https: boolean): string => (https ? '__Host-keen-anchor' : 'keen-anchor')

/** The sealed, http-only session of a request. */
export function cookieSession(event: H3Event) {
  const { sessionPassword, https } = useRuntime().configuration
  return useSession<CookieData>(event, {
    password: sessionPassword,
    name: cookieName(https),
    maxAge: DAYS_14_S,
    cookie: { httpOnly: true, sameSite: 'lax', secure: https, path: '/' },
  })
}

export interface SignedIn {
  readonly actor: Actor
  readonly me: Me
  readonly csrf: string
}

/** Opens a session for a person, with a token of its own. */
export async function openSession(
  event: H3Event, person: { organisationId: string, id: string, sessionVersion: number },
): Promise<SignedIn | null> {
  const session = await cookieSession(event)
  await session.update({
    organisationId: person.organisationId, personId: person.id, sessionVersion: person.sessionVersion,
    nonce: randomUUID(),
  })
  return whoHolds(session.data)
}

/** Who sent the request, or null. */
export async function signedIn(event: H3Event): Promise<SignedIn | null> {
  // A visitor without a session is not given one for asking.
  if (!getCookie(event, cookieName(useRuntime().configuration.https))) return null
  return whoHolds((await cookieSession(event)).data)
}

async function whoHolds(data: CookieData): Promise<SignedIn | null> {
  const { db, configuration } = useRuntime()
  if (!data.organisationId || !data.personId || !data.sessionVersion || !data.nonce) return null
  const found = await whoIs(db, {
    organisationId: data.organisationId, personId: data.personId, sessionVersion: data.sessionVersion,
  }, new Date())
  if (!found) return null
  const { person, me } = found
  return {
    me,
    csrf: csrfToken(configuration.sessionPassword, data.nonce, person.id),
    actor: {
      organisationId: person.organisationId, personId: person.id, role: person.role, athleteId: person.athleteId,
    },
  }
}
