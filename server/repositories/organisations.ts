import type { Beginning } from '~~/shared/types'
import type { Tx } from './rows'

/** The turn at making the first organisation of an installation: the demo, or one that is founded. */
export const FIRST_LOCK = 7_204_117

export interface Organisation {
  readonly id: string
  readonly name: string
  readonly timeZone: string
  /** Invented, to be looked at. */
  readonly demo: boolean
}

/** An organisation as a row. */
export interface OrganisationRow {
  id: string
  name: string
  time_zone: string
  demo: boolean
}

export const toOrganisation = ({ id, name, time_zone: timeZone, demo }: OrganisationRow): Organisation =>
  ({ id, name, timeZone, demo })

export async function organisationById(tx: Tx, id: string): Promise<Organisation | null> {
  const row = await tx<OrganisationRow>('organisation').where({ id }).first()
  return row ? toOrganisation(row) : null
}

/** Adds an organisation and remembers that the installation is no longer empty. */
export async function insertOrganisation(tx: Tx, { id, name, timeZone, demo }: Organisation): Promise<void> {
  await tx('organisation').insert({ id, name, time_zone: timeZone, demo })
  await tx('installation').where({ id: 1 }).whereNull('first_organisation_at').update({
    first_organisation_at: tx.fn.now(), founding_hash: null,
  })
}

interface InstallationRow {
  id: number
  first_organisation_at: Date | null
  founding_hash: string | null
}

/** Whether no organisation was ever made here. */
export async function isEmptyInstallation(tx: Tx): Promise<boolean> {
  const row = await tx<InstallationRow>('installation').where({ id: 1 }).first()
  return row?.first_organisation_at === null
}

/** Keeps what a founding code hashes to; an earlier one counts no more. Nothing where an organisation was made. */
export async function setFoundingHash(tx: Tx, hash: string): Promise<boolean> {
  const kept = await tx<InstallationRow>('installation').where({ id: 1 }).whereNull('first_organisation_at')
    .update({ founding_hash: hash })
  return kept > 0
}

export async function foundingHash(tx: Tx): Promise<string | null> {
  return (await tx<InstallationRow>('installation').where({ id: 1 }).first())?.founding_hash ?? null
}

/** How many there are of what everything else rests on, of those in sight. */
export async function beginningOf(tx: Tx, id: string): Promise<Beginning> {
  const { rows } = await tx.raw<{ rows: [Beginning] }>(`select
    (select count(*)::int from training_group where organisation_id = :id) as groups,
    (select count(*)::int from facility_equipment where organisation_id = :id and count > 0) as equipment,
    (select count(*)::int from athlete where organisation_id = :id and archived_at is null) as athletes,
    (select count(*)::int from training_week where organisation_id = :id) as weeks,
    (select count(*)::int - 1 from person where organisation_id = :id and closed_at is null) as invited`, { id })
  return rows[0]
}
