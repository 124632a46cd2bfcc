import { randomBytes } from 'node:crypto'
import type { Knex } from 'knex'
import { v4 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Me, SignedInDevice } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { personById, type Person } from '../repositories/people'
import {
  deviceKeyOf, holderOf, insertSignIn, markSeen, removeSignIn, removeUnused, signInsOf, type SignIn,
} from '../repositories/signIns'
import type { Tx } from '../repositories/rows'
import { dayIn, transaction, writing, type Context } from './context'
import { record } from './record'

const [MINUTE_MS, HOUR_MS] = [60_000, 3_600_000]
const DAY_MS = 24 * HOUR_MS

/** So long a sign-in lasts unused, and in all: on a device that others use too, and on an athlete's own. */
const LASTS = {
  shared: { unusedMs: 12 * HOUR_MS, inAllMs: 14 * DAY_MS },
  own: { unusedMs: 30 * DAY_MS, inAllMs: 180 * DAY_MS },
} as const
/** A use is noted no more often than this. */
const NOTED_MS = 5 * MINUTE_MS

const lasts = ({ own, seenAt, beganAt }: SignIn, now: Date): boolean => {
  const { unusedMs, inAllMs } = LASTS[own ? 'own' : 'shared']
  return now.getTime() - seenAt.getTime() < unusedMs && now.getTime() - beganAt.getTime() < inAllMs
}

/** How somebody signs in: on what kind of device, and whether it is theirs alone. */
interface Device {
  readonly device: string
  readonly own: boolean
}

/** Who signs in. */
export type SigningIn = Pick<Person, 'organisationId' | 'id' | 'sessionVersion'>

/** Writes a sign-in down; the answer is its key. Only an athlete's device is taken for their own. */
export function beginSignIn(
  db: Knex, { organisationId, id: personId, sessionVersion }: SigningIn, { device, own }: Device, now: Date,
): Promise<string> {
  const id = newKey()
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const person = await personById(tx, organisationId, personId)
    const isOwn = own && person?.role === 'athlete'
    await insertSignIn(tx, { id, organisationId, personId, sessionVersion, device, own: isOwn }, now)
    return id
  })
}

/** Whose a sign-in is. */
interface Here {
  readonly person: Omit<Person, 'passwordHash'>
  readonly me: Me
  readonly signIn: SignIn
}

/** The person behind a sign-in; null when it was ended, or not used for too long. */
export async function whoIs(
  db: Knex, { organisationId, signInId }: { organisationId: string, signInId: string }, now: Date,
): Promise<Here | null> {
  const holder = await holderOf(db, organisationId, signInId)
  if (!holder) return null
  const { signIn, person, organisation, secondFactor } = holder
  if (!lasts(signIn, now) || person.closed || person.sessionVersion !== signIn.sessionVersion) return null
  if (now.getTime() - signIn.seenAt.getTime() > NOTED_MS)
    await inOrganisation(db, asSystemOf(organisationId), tx => markSeen(tx, organisationId, signInId, now))
  const me: Me = {
    id: person.id,
    name: person.name,
    role: person.role,
    organisationName: organisation.name,
    demo: organisation.demo,
    today: dayIn(organisation.timeZone, now),
    athleteId: person.athleteId,
    units: person.units,
    secondFactor,
  }
  return { person, me, signIn }
}

/** What a person's things on devices are locked with: random, the same on all of them. */
export function deviceKey(db: Knex, { organisationId, id }: Pick<Person, 'organisationId' | 'id'>): Promise<string> {
  return inOrganisation(db, asSystemOf(organisationId), tx =>
    deviceKeyOf(tx, organisationId, id, randomBytes(32).toString('base64url')))
}

/** Signing out on one device: it ends here, whatever the device keeps. */
export function endSignIn(
  { db, actor, requestId }: Pick<Context, 'db' | 'actor' | 'requestId'>, id: string,
): Promise<void> {
  const { organisationId, personId, athleteId } = actor
  return inOrganisation(db, actor, async (tx) => {
    if (!await removeSignIn(tx, organisationId, { id, personId })) return
    await record(tx, { actor, requestId, write: null }, 'account.signOut', { subjectId: personId, athleteId })
  })
}

/** Every device the person is signed in on, the one used last first. */
export function devices(context: Context, hereId: string, now: Date): Promise<SignedInDevice[]> {
  return transaction(context, tx => devicesIn(tx, context, hereId, now))
}

async function devicesIn(tx: Tx, { actor }: Context, hereId: string, now: Date): Promise<SignedInDevice[]> {
  const { organisationId, personId } = actor
  const person = await personById(tx, organisationId, personId)
  return (await signInsOf(tx, organisationId, personId))
    .filter(one => lasts(one, now) && one.sessionVersion === person?.sessionVersion)
    .map(({ id, device, own, beganAt, seenAt }) =>
      ({ id, device, own, beganAt: beganAt.toISOString(), seenAt: seenAt.toISOString(), here: id === hereId }))
}

/** Signs another device of the person out. */
export function endDevice(context: Context, id: string, hereId: string, now: Date): Promise<SignedInDevice[]> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    if (!await removeSignIn(tx, organisationId, { id, personId }))
      throw new AppError('notFound', 'Nobody is signed in there any more.')
    await record(tx, context, 'account.endDevice', { subjectId: personId })
    return devicesIn(tx, context, hereId, now)
  })
}

/** Forgets sign-ins of an organisation that nobody has used for too long. */
export async function forgetUnused(tx: Tx, organisationId: string, now: Date): Promise<void> {
  for (const [kind, { unusedMs }] of Object.entries(LASTS))
    await removeUnused(tx, organisationId, kind === 'own', new Date(now.getTime() - unusedMs))
}
