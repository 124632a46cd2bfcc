import type { Tx } from './rows'

interface Organisation {
  readonly id: string
  readonly name: string
  readonly timeZone: string
}

export async function organisationById(tx: Tx, id: string): Promise<Organisation | null> {
  const row = await tx<{ id: string, name: string, time_zone: string }>('organisation').where({ id }).first()
  return row ? { id: row.id, name: row.name, timeZone: row.time_zone } : null
}

/** Adds an organisation and remembers that the installation is no longer empty. */
export async function insertOrganisation(tx: Tx, { id, name, timeZone }: Organisation): Promise<void> {
  await tx('organisation').insert({ id, name, time_zone: timeZone })
  await tx('installation').where({ id: 1 }).whereNull('first_organisation_at').update({
    first_organisation_at: tx.fn.now(),
  })
}

/** Whether no organisation was ever made here. */
export async function isEmptyInstallation(tx: Tx): Promise<boolean> {
  const row = await tx<{ id: number, first_organisation_at: Date | null }>('installation').where({ id: 1 }).first()
  return row?.first_organisation_at === null
}
