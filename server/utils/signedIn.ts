import { getCookie, getRequestHeader, useSession, type H3Event } from 'h3'
import type { Me, SessionAnswer } from '~~/shared/types'
import type { Actor } from '../services/context'
import { beginSignIn, deviceKey, whoIs, type SigningIn } from '../services/signedInOn'
import { csrfToken } from './csrf'
import { deviceName } from './deviceName'
import { useRuntime } from './runtime'

/** What the sealed cookie holds: which sign-in it is. All else stands on the server, which can end it. */
interface CookieData {
  organisationId?: string
  signInId?: string
  /** What the device was asked to sign last, and when. */
  challenge?: string
  askedAt?: number
}

/** As long as any sign-in lasts; the server knows better. */
const DAYS_180_S = 180 * 24 * 3600

/** Over https the browser itself refuses the cookie to anything but this very host. */
const cookieName = (https: boolean): string => (https ? '__Host-keen-anchor' : 'keen-anchor')

/** The sealed, http-only session of a request. */
export function cookieSession(event: H3Event) {
  const { sessionPassword, https } = useRuntime().configuration
  return useSession<CookieData>(event, {
    password: sessionPassword,
    name: cookieName(https),
    maxAge: DAYS_180_S,
    cookie: { httpOnly: true, sameSite: 'lax', secure: https, path: '/' },
  })
}

export interface SignedIn {
  readonly actor: Actor
  readonly me: Me
  readonly csrf: string
  readonly signIn: { readonly id: string, readonly own: boolean }
}

/** Opens a session for a person, with a token of its own; whatever sign-in this browser had counts no more here. */
export async function openSession(
  event: H3Event, person: SigningIn, own = false,
): Promise<SessionAnswer> {
  const { db } = useRuntime()
  const device = deviceName(getRequestHeader(event, 'user-agent'))
  const signInId = await beginSignIn(db, person, { device, own }, new Date())
  const session = await cookieSession(event)
  await session.update({ organisationId: person.organisationId, signInId })
  return answerFor(await whoHolds(session.data))
}

/** What the browser is told of whoever is signed in. */
export async function answerFor(who: SignedIn | null): Promise<SessionAnswer> {
  if (!who) return { me: null, csrf: null }
  const { organisationId, personId: id } = who.actor
  return { me: who.me, csrf: who.csrf, deviceKey: await deviceKey(useRuntime().db, { organisationId, id }) }
}

/** Who sent the request, or null. */
export async function signedIn(event: H3Event): Promise<SignedIn | null> {
  // A visitor without a session is not given one for asking.
  if (!getCookie(event, cookieName(useRuntime().configuration.https))) return null
  return whoHolds((await cookieSession(event)).data)
}

async function whoHolds({ organisationId, signInId }: CookieData): Promise<SignedIn | null> {
  const { db, configuration } = useRuntime()
  if (!organisationId || !signInId) return null
  const found = await whoIs(db, { organisationId, signInId }, new Date())
  if (!found) return null
  const { person, me, signIn } = found
  return {
    me,
    csrf: csrfToken(configuration.sessionPassword, signInId, person.id),
    actor: { organisationId, personId: person.id, role: person.role, athleteId: person.athleteId },
    signIn: { id: signInId, own: signIn.own },
  }
}
