import { EMPTY_OWN, type OwnCatalogue } from '~~/core/catalogue'
import type { StoredCatalogue } from '~~/shared/types'
import { json, type Tx } from './rows'

/** What an organisation has added to the standard catalogue. */
export async function ownCatalogue(tx: Tx, organisationId: string): Promise<StoredCatalogue> {
  const row = await tx('own_catalogue').where({ organisation_id: organisationId }).first<
    { version: number, document: OwnCatalogue } | undefined
  >(
    'version', 'document',
  )
  return row ? { version: row.version, own: row.document } : { version: 0, own: EMPTY_OWN }
}

/** Stores it over the version that was read; false when another write came first. */
export async function saveOwnCatalogue(
  tx: Tx, organisationId: string, { version, own }: StoredCatalogue, personId: string,
): Promise<boolean> {
  const row = { version: version + 1, document: json(own), changed_by: personId, changed_at: tx.fn.now() }
  if (version > 0) return await tx('own_catalogue').where({ organisation_id: organisationId, version }).update(row) > 0
  const added = await tx('own_catalogue').insert({ ...row, organisation_id: organisationId })
    .onConflict('organisation_id').ignore().returning<{ version: number }[]>('version')
  return added.length > 0
}

/** Moves every athlete who stands on a ladder from each old rung to where its drill stands now. */
export async function moveRungs(
  tx: Tx, organisationId: string, ladder: string, moves: readonly number[],
): Promise<void> {
  const athletes = await tx('athlete').where({ organisation_id: organisationId }).whereRaw('jsonb_exists(rungs, ?)', [
    ladder,
  ])
    .select<{ id: string, rungs: Record<string, number> }[]>('id', 'rungs')
  for (const { id, rungs } of athletes) {
    const now = moves[rungs[ladder]! - 1] ?? 1
    if (now === rungs[ladder]) continue
    await tx('athlete').where({ organisation_id: organisationId, id })
      .update({ rungs: json({ ...rungs, [ladder]: now }), version: tx.raw('version + 1') })
  }
}
