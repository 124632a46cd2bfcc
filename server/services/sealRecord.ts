import type { Knex } from 'knex'
import { asSystemOf, inOrganisation } from '../database/connection'
import type { Tx } from '../repositories/rows'

/** A seal that was put under what the record says so far. */
export interface Sealed {
  readonly organisationId: string
  readonly digest: string
}

/** A seal that does not hold. */
interface Broken {
  readonly organisationId: string
  readonly number: number
  readonly why: string
}

async function inEach<T>(db: Knex, work: (tx: Tx, organisationId: string) => Promise<T[]>): Promise<T[]> {
  const { rows } = await db.raw<{ rows: { id: string }[] }>('select organisation_id as id from keen_organisations()')
  const found: T[] = []
  for (const { id } of rows) found.push(...await inOrganisation(db, asSystemOf(id), tx => work(tx, id)))
  return found
}

/**
 * Seals the lines of every organisation's record that are not sealed yet, each seal over the one before. Whoever notes
 * the newest digests elsewhere can tell a record that was written anew as a whole.
 */
export function sealRecords(db: Knex): Promise<Sealed[]> {
  return inEach(db, async (tx, organisationId) => {
    const { rows: [row] } = await tx.raw<{ rows: { digest: string | null }[] }>('select keen_seal_record() as digest')
    return row?.digest ? [{ organisationId, digest: row.digest }] : []
  })
}

/** Seals that do not hold: lines that were changed, added or taken away below them. */
export function brokenSeals(db: Knex): Promise<Broken[]> {
  return inEach(db, async (tx, organisationId) => {
    const { rows } = await tx.raw<{ rows: { number: number, why: string }[] }>('select * from keen_check_record()')
    return rows.map(({ number, why }) => ({ organisationId, number, why }))
  })
}
