import type { Knex } from 'knex'
import { toOrganisation, type Organisation, type OrganisationRow } from './organisations'
import { toPerson, type Person, type PersonRow } from './people'
import { planned, type Tx } from './rows'

/** One sign-in on one device. */
export interface SignIn {
  readonly id: string
  readonly organisationId: string
  readonly personId: string
  /** Over which a change of password or role ends it. */
  readonly sessionVersion: number
  readonly device: string
  /** The device is the person's alone. */
  readonly own: boolean
  readonly beganAt: Date
  readonly seenAt: Date
}

interface SignInRow {
  id: string
  organisation_id: string
  person_id: string
  session_version: number
  device: string
  own: boolean
  began_at: Date
  seen_at: Date
}

const toSignIn = (row: SignInRow): SignIn => ({
  id: row.id, organisationId: row.organisation_id, personId: row.person_id, sessionVersion: row.session_version,
  device: row.device, own: row.own, beganAt: row.began_at, seenAt: row.seen_at,
})

export async function insertSignIn(tx: Tx, one: Omit<SignIn, 'beganAt' | 'seenAt'>, at: Date): Promise<void> {
  await tx('sign_in').insert({
    id: one.id, organisation_id: one.organisationId, person_id: one.personId, session_version: one.sessionVersion,
    device: one.device, own: one.own, began_at: at, seen_at: at,
  })
}

/** A sign-in with whose it is and where. */
interface Holder {
  readonly signIn: SignIn
  readonly person: Omit<Person, 'passwordHash'>
  readonly organisation: Organisation
  /** A sign-in of theirs asks for a code. */
  readonly secondFactor: boolean
}

interface HolderRow {
  signIn: SignInRow
  person: PersonRow
  organisation: OrganisationRow
  secondFactor: boolean
}

/** What every request begins with: one question, asked before anybody acts. */
export async function holderOf(db: Knex, organisationId: string, id: string): Promise<Holder | null> {
  const { rows: [row] } = await db
    .raw<{ rows: { who: HolderRow | null }[] }>('select keen_who(?, ?) as who', [organisationId, id])
    .options(planned('who'))
  if (!row?.who) return null
  const { signIn, person, organisation, secondFactor } = row.who
  return {
    signIn: toSignIn({ ...signIn, began_at: new Date(signIn.began_at), seen_at: new Date(signIn.seen_at) }),
    person: toPerson(person), organisation: toOrganisation(organisation), secondFactor,
  }
}

/** Those of a person, the one used last first. */
export async function signInsOf(tx: Tx, organisationId: string, personId: string): Promise<SignIn[]> {
  const rows = await tx<SignInRow>('sign_in').where({ organisation_id: organisationId, person_id: personId })
    .orderBy([{ column: 'seen_at', order: 'desc' }, { column: 'id' }])
  return rows.map(toSignIn)
}

export async function markSeen(tx: Tx, organisationId: string, id: string, at: Date): Promise<void> {
  await tx('sign_in').where({ organisation_id: organisationId, id }).update({ seen_at: at })
}

/** Ends one of a person's; false when there is none of that name. */
export async function removeSignIn(
  tx: Tx, organisationId: string, { id, personId }: { id: string, personId: string },
): Promise<boolean> {
  return await tx('sign_in').where({ organisation_id: organisationId, id, person_id: personId }).delete() > 0
}

/** Ends what nobody has used since, on devices of that kind; how many there were. */
export async function removeUnused(tx: Tx, organisationId: string, own: boolean, since: Date): Promise<number> {
  return tx('sign_in').where({ organisation_id: organisationId, own }).where('seen_at', '<', since).delete()
}

/** What a person's things on devices are locked with, kept once it is made. */
export async function deviceKeyOf(tx: Tx, organisationId: string, personId: string, made: string): Promise<string> {
  const kept = () => tx<{ person_id: string, key: string }>('device_key').where({ person_id: personId }).first()
  const there = await kept()
  if (there) return there.key
  // Of two at once both find the first one's.
  await tx('device_key').insert({ organisation_id: organisationId, person_id: personId, key: made })
    .onConflict('person_id').ignore()
  return (await kept())!.key
}
