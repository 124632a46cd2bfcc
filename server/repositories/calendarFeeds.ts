import type { CalendarFeed, FeedInput } from '~~/shared/types'
import type { Tx } from './rows'

interface FeedRow {
  id: string
  organisation_id: string
  person_id: string
  scope: CalendarFeed['scope']
  subject_id: string | null
  name: string
  created_at: Date
  revoked_at: Date | null
  read_at: Date | null
}

/** Addresses of one person, newest first. */
export async function feedsOf(tx: Tx, organisationId: string, personId: string): Promise<CalendarFeed[]> {
  const rows = await tx('calendar_feed').where({ organisation_id: organisationId, person_id: personId }).orderBy(
    'created_at', 'desc',
  ).select<FeedRow[]>('*')
  return rows.map(row => ({
    id: row.id, scope: row.scope, subjectId: row.subject_id, name: row.name, createdAt: row.created_at.toISOString(),
    revoked: row.revoked_at !== null, readAt: row.read_at?.toISOString() ?? null,
  }))
}

/** Adds an address; false when its key is there already. Only a hash of the secret is kept. */
export async function insertFeed(
  tx: Tx, organisationId: string, personId: string,
  feed: FeedInput & { readonly name: string, readonly tokenHash: string },
): Promise<boolean> {
  const rows = await tx('calendar_feed').insert({
    id: feed.id, organisation_id: organisationId, person_id: personId, scope: feed.scope, subject_id: feed.subjectId,
    name: feed.name, token_hash: feed.tokenHash,
  }).onConflict('id').ignore().returning<{ id: string }[]>('id')
  return rows.length > 0
}

/** Takes an address back for good; false when it is not the person's. */
export async function revokeFeed(tx: Tx, organisationId: string, personId: string, id: string): Promise<boolean> {
  return await tx('calendar_feed').where({ organisation_id: organisationId, person_id: personId, id }).update({
    revoked_at: tx.raw('coalesce(revoked_at, now())'),
  }) > 0
}

/** Takes every address of a person back. */
export async function revokeFeedsOf(tx: Tx, organisationId: string, personId: string): Promise<void> {
  await tx('calendar_feed').where({ organisation_id: organisationId, person_id: personId }).whereNull('revoked_at')
    .update({ revoked_at: tx.fn.now() })
}

/** The address behind a secret, in a transaction that was given its hash. */
export async function feedByHash(
  tx: Tx, tokenHash: string,
): Promise<
  {
    id: string
    organisationId: string
    personId: string
    scope: CalendarFeed['scope']
    subjectId: string | null
    name: string
    revoked: boolean
  } | null
> {
  const row = await tx('calendar_feed').where({ token_hash: tokenHash }).first<FeedRow | undefined>()
  return row
    ? {
      id: row.id, organisationId: row.organisation_id, personId: row.person_id, scope: row.scope,
      subjectId: row.subject_id, name: row.name, revoked: row.revoked_at !== null,
    }
    : null
}

/**
 * A mark of all that the calendar of one squad or all of them is made of, as far as it is in sight: another one when
 * any of it has changed.
 */
export async function squadsMark(tx: Tx, organisationId: string): Promise<string> {
  const { rows: [found] } = await tx.raw<{ rows: { mark: string }[] }>(
    `select md5(concat_ws('/',
      (select o.time_zone from organisation o where o.id = :id),
      (select string_agg(g.id || g.name, ',' order by g.id) from training_group g where g.organisation_id = :id),
      (select string_agg(s.group_id || '.' || s.version, ',' order by s.group_id) from season s
        where s.organisation_id = :id),
      (select string_agg(e.id || '.' || e.sequence || '.' || e.changed_at, ',' order by e.id) from calendar_entry e
        where e.organisation_id = :id))) as mark`, { id: organisationId })
  return found!.mark
}

export async function markFeedRead(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('calendar_feed').where({ organisation_id: organisationId, id }).update({ read_at: tx.fn.now() })
}
