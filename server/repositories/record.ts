import type { RecordEntry } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

/** A line for the record, as the service writes it. */
interface NewRecordEntry {
  readonly id: string
  readonly personId: string | null
  readonly role: string
  readonly requestId: string | null
  readonly writeId: string | null
  readonly action: RecordEntry['action']
  readonly subjectId: string | null
  readonly athleteId: string | null
  readonly before: unknown
  readonly after: unknown
}

interface AuditRow {
  id: string
  at: Date
  person_name: string | null
  role: string
  action: RecordEntry['action']
  subject_id: string | null
  athlete_id: string | null
  athlete_name: string | null
  before: unknown
  after: unknown
}

/** Adds to the record; there is no way to change or remove. */
export async function addToRecord(tx: Tx, organisationId: string, entry: NewRecordEntry): Promise<void> {
  await tx('audit').insert({
    id: entry.id, organisation_id: organisationId, person_id: entry.personId, role: entry.role,
    request_id: entry.requestId, write_id: entry.writeId, action: entry.action, subject_id: entry.subjectId,
    athlete_id: entry.athleteId,
    before: entry.before === undefined || entry.before === null ? null : json(entry.before),
    after: entry.after === undefined || entry.after === null ? null : json(entry.after),
  }).options(planned('add to the record'))
}

/** The record, newest first, before a moment and about one athlete if asked. */
export async function readRecord(
  tx: Tx, organisationId: string,
  { before, athleteId, limit }: { before: string | null, athleteId: string | null, limit: number },
): Promise<RecordEntry[]> {
  const query = tx('audit as u')
    .leftJoin('person as p', function() {
      this.on('p.id', 'u.person_id').andOn('p.organisation_id', 'u.organisation_id')
    })
    .leftJoin('athlete as a', function() {
      this.on('a.id', 'u.athlete_id').andOn('a.organisation_id', 'u.organisation_id')
    })
    .where('u.organisation_id', organisationId)
    .orderBy([{ column: 'u.at', order: 'desc' }, { column: 'u.id', order: 'desc' }])
    .limit(limit)
  if (before) void query.where('u.at', '<', before)
  if (athleteId) void query.where('u.athlete_id', athleteId)
  const rows = await query.select<AuditRow[]>('u.*', 'p.name as person_name', 'a.name as athlete_name')
  return rows.map(row => ({
    id: row.id,
    at: row.at.toISOString(),
    who: row.person_name,
    role: row.role,
    action: row.action,
    subjectId: row.subject_id,
    athleteId: row.athlete_id,
    athleteName: row.athlete_name,
    before: row.before,
    after: row.after,
  }))
}

/** Whether somebody has done something since, to an athlete or to nobody in particular. */
export async function hasRecorded(
  tx: Tx, organisationId: string,
  { personId, action, athleteId, since }: {
    personId: string, action: RecordEntry['action'], athleteId: string | null, since: Date
  },
): Promise<boolean> {
  const found = await tx('audit').where({
    organisation_id: organisationId, person_id: personId, action, athlete_id: athleteId,
  }).where('at', '>', since).first<{ id: string } | undefined>('id')
  return found !== undefined
}

/** Forgets what the record says of the time before; its seals stay. */
export async function forgetRecord(tx: Tx, before: Date): Promise<void> {
  await tx.raw('select keen_forget_record(?)', [before])
}
