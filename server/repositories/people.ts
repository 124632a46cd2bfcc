import type { LENGTH_UNITS, MASS_UNITS, Role, StaffMember, Units } from '~~/shared/types'
import type { Tx } from './rows'

export interface Person {
  readonly id: string
  readonly organisationId: string
  readonly athleteId: string | null
  readonly role: Role
  readonly name: string
  readonly email: string
  /** Null until an invitation is accepted. */
  readonly passwordHash: string | null
  readonly sessionVersion: number
  readonly version: number
  readonly closed: boolean
  readonly units: Units
}

/** A person as a row. */
export interface PersonRow {
  id: string
  organisation_id: string
  athlete_id: string | null
  role: Role
  name: string
  email: string
  password_hash: string | null
  session_version: number
  version: number
  closed_at: Date | null
  mass_unit: (typeof MASS_UNITS)[number]
  length_unit: (typeof LENGTH_UNITS)[number]
}

export const toPerson = (row: PersonRow): Person => ({
  id: row.id,
  organisationId: row.organisation_id,
  athleteId: row.athlete_id,
  role: row.role,
  name: row.name,
  email: row.email,
  passwordHash: row.password_hash,
  sessionVersion: row.session_version,
  version: row.version,
  closed: row.closed_at !== null,
  units: { mass: row.mass_unit, length: row.length_unit },
})

/** The account with this e-mail, from a visitor's transaction. */
export async function personByEmail(tx: Tx, email: string): Promise<Person | null> {
  const row = await tx<PersonRow>('person').where({ email: email.toLowerCase() }).first()
  return row ? toPerson(row) : null
}

export async function personById(tx: Tx, organisationId: string, id: string): Promise<Person | null> {
  const row = await tx<PersonRow>('person').where({ organisation_id: organisationId, id }).first()
  return row ? toPerson(row) : null
}

/** The open account or invitation of an address or of an athlete in this organisation. */
export async function personHere(
  tx: Tx, organisationId: string, by: { email: string } | { athleteId: string },
): Promise<Person | null> {
  const where = 'email' in by ? { email: by.email.toLowerCase() } : { athlete_id: by.athleteId }
  const row = await tx<PersonRow>('person').where({ organisation_id: organisationId, ...where }).whereNull('closed_at')
    .first()
  return row ? toPerson(row) : null
}

/**
 * Coaches of an athlete who have a sign-in: head coaches, and coaches of one of the athlete's groups. Read as the
 * product itself.
 */
export async function coachesOf(tx: Tx, organisationId: string, athleteId: string): Promise<Person[]> {
  const rows = await tx<PersonRow>('person').where({ organisation_id: organisationId }).whereNull('closed_at')
    .whereNotNull('password_hash')
    .where(query =>
      void query.where('role', 'headCoach').orWhere(coach =>
        void coach.where('role', 'coach').whereIn(
          'id',
          tx('group_staff as s').join('group_member as m', function() {
            this.on('m.group_id', 's.group_id').andOn('m.organisation_id', 's.organisation_id')
          }).where({ 'm.organisation_id': organisationId, 'm.athlete_id': athleteId }).select('s.person_id'),
        )
      )
    )
    .orderBy('name')
  return rows.map(toPerson)
}

export async function insertPerson(
  tx: Tx, person: Pick<Person, 'id' | 'organisationId' | 'athleteId' | 'role' | 'name' | 'email' | 'passwordHash'>,
): Promise<void> {
  await tx('person').insert({
    id: person.id,
    organisation_id: person.organisationId,
    athlete_id: person.athleteId,
    role: person.role,
    name: person.name,
    email: person.email.toLowerCase(),
    password_hash: person.passwordHash,
  })
}

export async function updateUnits(tx: Tx, organisationId: string, id: string, units: Units): Promise<void> {
  await tx('person').where({ organisation_id: organisationId, id })
    .update({ mass_unit: units.mass, length_unit: units.length })
}

/** Sets a password and ends every session there was; returns the new session version. */
export async function setPassword(tx: Tx, organisationId: string, id: string, passwordHash: string): Promise<number> {
  const [row] = await tx<PersonRow>('person').where({ organisation_id: organisationId, id })
    .update({ password_hash: passwordHash, session_version: tx.raw('session_version + 1') as unknown as number })
    .returning('session_version')
  return row!.session_version
}

/** Keeps the same password another way; sessions go on. Nothing where it was changed meanwhile. */
export async function replaceHash(
  tx: Tx, organisationId: string, id: string, { before, fresh }: { before: string, fresh: string },
): Promise<void> {
  await tx('person').where({ organisation_id: organisationId, id, password_hash: before })
    .update({ password_hash: fresh })
}

/** Ends every session of a person. */
export async function endSessions(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('person').where({ organisation_id: organisationId, id }).increment('session_version', 1)
}

/** Saves role and openness over the version that was read; false when another write came first. */
export async function updateStaff(
  tx: Tx, organisationId: string, id: string, version: number, change: { role: Role, closed: boolean },
): Promise<boolean> {
  const changed = await tx('person').where({ organisation_id: organisationId, id, version }).whereNull('athlete_id')
    .update({
      role: change.role, closed_at: change.closed ? tx.fn.now() : null, version: version + 1,
      session_version: tx.raw('session_version + 1'),
    })
  return changed > 0
}

/** Every coach and assistant with the groups they see. */
export async function listStaff(tx: Tx, organisationId: string): Promise<StaffMember[]> {
  const rows = await tx('person as p').where({ 'p.organisation_id': organisationId }).whereNull('p.athlete_id')
    .orderByRaw('p.closed_at is not null, lower(p.name), p.id')
    .select<(PersonRow & { group_ids: string[] | null })[]>(
      'p.*',
      tx.raw(`(select array_agg(s.group_id order by s.group_id)
      from group_staff s where s.organisation_id = p.organisation_id and s.person_id = p.id) as group_ids`),
    )
  return rows.map(row => ({
    id: row.id,
    version: row.version,
    name: row.name,
    email: row.email,
    role: row.role,
    state: row.closed_at ? 'closed' : row.password_hash ? 'active' : 'invited',
    groupIds: row.group_ids ?? [],
  }))
}

export async function setStaffGroups(
  tx: Tx, organisationId: string, personId: string, groupIds: readonly string[],
): Promise<void> {
  await tx('group_staff').where({ organisation_id: organisationId, person_id: personId }).delete()
  if (groupIds.length === 0) return
  await tx('group_staff').insert(
    groupIds.map(groupId => ({ organisation_id: organisationId, group_id: groupId, person_id: personId })),
  )
}

/** Another address for an invitation that nobody has accepted. */
export async function changeInvitedEmail(tx: Tx, organisationId: string, id: string, email: string): Promise<void> {
  await tx('person').where({ organisation_id: organisationId, id }).whereNull('password_hash').update({
    email: email.toLowerCase(),
  })
}
