import type { LENGTH_UNITS, MASS_UNITS, Role, Units } from '~~/shared/types'
import type { Tx } from './rows'

export interface Person {
  readonly id: string
  readonly organisationId: string
  readonly athleteId: string | null
  readonly role: Role
  readonly name: string
  readonly email: string
  readonly passwordHash: string
  readonly sessionVersion: number
  readonly units: Units
}

interface PersonRow {
  id: string
  organisation_id: string
  athlete_id: string | null
  role: Role
  name: string
  email: string
  password_hash: string
  session_version: number
  mass_unit: (typeof MASS_UNITS)[number]
  length_unit: (typeof LENGTH_UNITS)[number]
}

const toPerson = (row: PersonRow): Person => ({
  id: row.id,
  organisationId: row.organisation_id,
  athleteId: row.athlete_id,
  role: row.role,
  name: row.name,
  email: row.email,
  passwordHash: row.password_hash,
  sessionVersion: row.session_version,
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

export async function insertPerson(tx: Tx, person: Omit<Person, 'sessionVersion' | 'units'>): Promise<void> {
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
