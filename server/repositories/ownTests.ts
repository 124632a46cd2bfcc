import type { OwnTest } from '~~/core/assessment'
import type { StoredOwnTests } from '~~/shared/types'
import { json, type Tx } from './rows'

/** The tests an organisation has written for itself. */
export async function ownTests(tx: Tx, organisationId: string): Promise<StoredOwnTests> {
  const row = await tx('own_tests').where({ organisation_id: organisationId }).first<
    { version: number, document: OwnTest[] } | undefined
  >('version', 'document')
  return row ? { version: row.version, tests: row.document } : { version: 0, tests: [] }
}

/** Stores them over the version that was read; false when another write came first. */
export async function saveOwnTestRows(
  tx: Tx, organisationId: string, { version, tests }: StoredOwnTests, personId: string,
): Promise<boolean> {
  const row = { version: version + 1, document: json(tests), changed_by: personId, changed_at: tx.fn.now() }
  if (version > 0) return await tx('own_tests').where({ organisation_id: organisationId, version }).update(row) > 0
  const added = await tx('own_tests').insert({ ...row, organisation_id: organisationId }).onConflict('organisation_id')
    .ignore().returning<{ version: number }[]>('version')
  return added.length > 0
}
