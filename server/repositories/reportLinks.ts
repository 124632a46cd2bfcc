import type { ReportLink } from '~~/shared/types'
import type { Tx } from './rows'

interface LinkRow {
  id: string
  organisation_id: string
  athlete_id: string
  person_id: string
  kind: ReportLink['kind']
  starts_on: string
  ends_on: string
  created_at: Date
  expires_at: Date
  revoked_at: Date | null
  read_at: Date | null
}

const toLink = (row: LinkRow): ReportLink => ({
  id: row.id, kind: row.kind, from: row.starts_on, to: row.ends_on, createdAt: row.created_at.toISOString(),
  expiresAt: row.expires_at.toISOString(), revoked: row.revoked_at !== null, readAt: row.read_at?.toISOString() ?? null,
})

/** Links to reports on an athlete, newest first. */
export async function reportLinksOf(tx: Tx, organisationId: string, athleteId: string): Promise<ReportLink[]> {
  const rows = await tx('report_link').where({ organisation_id: organisationId, athlete_id: athleteId })
    .orderBy('created_at', 'desc').select<LinkRow[]>('*')
  return rows.map(toLink)
}

/** Adds a link; false when its key is there already. Only a hash of the secret is kept. */
export async function insertReportLink(
  tx: Tx, organisationId: string, athleteId: string,
  link: Pick<ReportLink, 'id' | 'kind' | 'from' | 'to'> & { readonly days: number, readonly tokenHash: string },
): Promise<boolean> {
  const rows = await tx('report_link').insert({
    id: link.id, organisation_id: organisationId, athlete_id: athleteId, person_id: tx.raw('keen_person()'),
    kind: link.kind, starts_on: link.from, ends_on: link.to, token_hash: link.tokenHash,
    expires_at: tx.raw('now() + ? * interval \'1 day\'', [link.days]),
  }).onConflict('id').ignore().returning<{ id: string }[]>('id')
  return rows.length > 0
}

/** Takes a link back for good; whose report it was, null when it is not in sight. */
export async function revokeReportLink(tx: Tx, organisationId: string, id: string): Promise<string | null> {
  const [row] = await tx('report_link').where({ organisation_id: organisationId, id }).update({
    revoked_at: tx.raw('coalesce(revoked_at, now())'),
  }).returning<{ athlete_id: string }[]>('athlete_id')
  return row?.athlete_id ?? null
}

/** The link behind a secret that still holds, in a transaction that was given its hash. */
export async function reportLinkByHash(
  tx: Tx, tokenHash: string,
): Promise<ReportLink & { organisationId: string, athleteId: string, personId: string } | null> {
  const row = await tx('report_link').where({ token_hash: tokenHash }).whereNull('revoked_at')
    .where('expires_at', '>', tx.fn.now()).first<LinkRow | undefined>()
  return row
    ? { ...toLink(row), organisationId: row.organisation_id, athleteId: row.athlete_id, personId: row.person_id }
    : null
}

export async function markReportRead(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('report_link').where({ organisation_id: organisationId, id }).update({ read_at: tx.fn.now() })
}
