import { json, planned, type Tx } from './rows'

/** A write as its sender named it: the same name and content is the same write. */
export interface WriteName {
  readonly id: string
  readonly fingerprint: string
}

/**
 * Claims a write for this transaction; null when it is new. A repeat waits for the first one to end and then gets
 * its answer, which is kept now when it is known already.
 */
export async function claimWrite(
  tx: Tx, organisationId: string, personId: string, write: WriteName, answer: unknown,
): Promise<{ fingerprint: string, answer: unknown } | null> {
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `insert into write_receipt (organisation_id, person_id, write_id, fingerprint, answer)
      values (?, ?, ?, ?, ?) on conflict do nothing`,
    [organisationId, personId, write.id, write.fingerprint, answer === undefined ? null : json(answer)],
  ).options(planned('claim a write'))
  if (rowCount > 0) return null
  const row = await tx('write_receipt').where({
    organisation_id: organisationId, person_id: personId, write_id: write.id,
  })
    .first<{ fingerprint: string, answer: unknown }>('fingerprint', 'answer')
  return row
}

export async function keepAnswer(
  tx: Tx, organisationId: string, personId: string, writeId: string, answer: unknown,
): Promise<void> {
  await tx('write_receipt').where({ organisation_id: organisationId, person_id: personId, write_id: writeId })
    .update({ answer: json(answer ?? null) })
}

/** Forgets receipts that nobody will ask for any more. */
export async function forgetReceipts(tx: Tx, organisationId: string, olderThanDays: number): Promise<void> {
  await tx('write_receipt').where({ organisation_id: organisationId })
    .whereRaw('written_at < now() - make_interval(days => ?)', [olderThanDays]).delete()
}
