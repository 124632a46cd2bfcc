import type { SportEdits } from '~~/core/programme'
import type { StoredSports } from '~~/shared/types'
import { json, type Tx } from './rows'

/** What an organisation says otherwise about sports. */
export async function ownSports(tx: Tx, organisationId: string): Promise<StoredSports> {
  const row = await tx('own_sports').where({ organisation_id: organisationId }).first<
    { version: number, document: SportEdits } | undefined
  >('version', 'document')
  return row ? { version: row.version, edits: row.document } : { version: 0, edits: {} }
}

/** Stores it over the version that was read; false when another write came first. */
export async function saveOwnSportRows(
  tx: Tx, organisationId: string, { version, edits }: StoredSports, personId: string,
): Promise<boolean> {
  const row = { version: version + 1, document: json(edits), changed_by: personId, changed_at: tx.fn.now() }
  if (version > 0) return await tx('own_sports').where({ organisation_id: organisationId, version }).update(row) > 0
  const added = await tx('own_sports').insert({ ...row, organisation_id: organisationId }).onConflict('organisation_id')
    .ignore().returning<{ version: number }[]>('version')
  return added.length > 0
}
