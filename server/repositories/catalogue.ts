import { EMPTY_OWN, type OwnCatalogue } from '~~/core/catalogue'
import type { StoredCatalogue } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

/** What an organisation has added to the standard catalogue. */
export async function ownCatalogue(tx: Tx, organisationId: string): Promise<StoredCatalogue> {
  const row = await tx('own_catalogue').where({ organisation_id: organisationId })
    .options(planned('own catalogue'))
    .first<{ version: number, document: OwnCatalogue } | undefined>('version', 'document')
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

/** Puts everybody who stands on one of the drills (gone) where (their stands are then). */
export async function moveStands(
  tx: Tx, organisationId: string, gone: readonly string[], then: (stands: readonly string[]) => readonly string[],
): Promise<void> {
  if (gone.length === 0) return
  const athletes = await tx('athlete').where({ organisation_id: organisationId })
    .whereRaw('jsonb_exists_any(stands, ?::text[])', [[...gone]])
    .select<{ id: string, stands: string[] }[]>('id', 'stands')
  for (const { id, stands } of athletes) {
    await tx('athlete').where({ organisation_id: organisationId, id })
      .update({ stands: json(then(stands)), version: tx.raw('version + 1') })
  }
}
