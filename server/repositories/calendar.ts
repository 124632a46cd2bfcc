import { daysOfEntry, type EntryKind } from '~~/core/season'
import type { Competition, EntryInput, StoredEntry } from '~~/shared/types'
import { planned, type Tx } from './rows'

interface EntryRow {
  id: string
  group_id: string | null
  kind: EntryKind
  name: string
  day: string
  last_day: string
  starts_at: string | null
  minutes: number | null
  time_zone: string
  importance: EntryInput['importance']
  travel_before: number
  travel_after: number
  weekly_until: string | null
  except_days: string[]
  source_uid: string | null
  sequence: number
  cancelled_at: Date | null
  changed_at: Date
}

const toEntry = (row: EntryRow): StoredEntry => ({
  id: row.id, groupId: row.group_id, kind: row.kind, name: row.name, day: row.day, lastDay: row.last_day,
  startsAt: row.starts_at, minutes: row.minutes, timeZone: row.time_zone, importance: row.importance,
  travelBefore: row.travel_before, travelAfter: row.travel_after, weeklyUntil: row.weekly_until,
  except: row.except_days, sourceUid: row.source_uid, sequence: row.sequence, cancelled: row.cancelled_at !== null,
  changedAt: row.changed_at.toISOString(),
})

const select = (tx: Tx, organisationId: string) =>
  tx('calendar_entry').where({ organisation_id: organisationId }).orderBy([{ column: 'day' }, { column: 'id' }])
    // PostgreSQL hands an array of days over as text only when it is asked for text.
    .select<EntryRow[]>('*', tx.raw('except_days::text[] as except_days'))

/** Entries in sight, of some groups or all, with those of the whole centre; called-off ones too. */
export async function entriesOf(
  tx: Tx, organisationId: string, groupIds: readonly string[] | null,
): Promise<StoredEntry[]> {
  const query = select(tx, organisationId)
  const rows =
    await (groupIds
      ? query.where(q => q.whereRaw('group_id = any(?)', [groupIds as string[]]).orWhereNull('group_id'))
        .options(planned('entries of groups'))
      : query)
  return rows.map(toEntry)
}

/** Stores entries over what is there; one that is put again is no longer called off. */
export async function putEntries(tx: Tx, organisationId: string, entries: readonly EntryInput[]): Promise<void> {
  for (const entry of entries) {
    const columns = {
      group_id: entry.groupId, kind: entry.kind, name: entry.name.trim(), day: entry.day, last_day: entry.lastDay,
      starts_at: entry.startsAt, minutes: entry.minutes, time_zone: entry.timeZone, importance: entry.importance,
      travel_before: entry.travelBefore, travel_after: entry.travelAfter, weekly_until: entry.weeklyUntil,
      except_days: entry.except as string[], source_uid: entry.sourceUid, changed_at: tx.fn.now(), cancelled_at: null,
    }
    const changed = await tx('calendar_entry').where({ organisation_id: organisationId, id: entry.id }).update({
      ...columns, sequence: tx.raw('sequence + 1'),
    })
    if (changed === 0) await tx('calendar_entry').insert({ id: entry.id, organisation_id: organisationId, ...columns })
  }
}

/** Calls entries off: calendars that read them are told, so they stay as rows. */
export async function cancelEntries(tx: Tx, organisationId: string, ids: readonly string[]): Promise<void> {
  await tx('calendar_entry').where({ organisation_id: organisationId }).whereIn('id', ids as string[]).whereNull(
    'cancelled_at',
  )
    .update({ cancelled_at: tx.fn.now(), changed_at: tx.fn.now(), sequence: tx.raw('sequence + 1') })
}

/** Competition days of some groups from one day to another, earliest first; of one that lasts, every day. */
export async function competitionsBetween(
  tx: Tx, organisationId: string, groupIds: readonly string[] | null, from: string, to: string,
): Promise<Competition[]> {
  const entries = await entriesOf(tx, organisationId, groupIds)
  return competitionDays(entries.filter(entry => !entry.cancelled), from, to)
}

/** Competition days among entries. */
export function competitionDays(entries: readonly StoredEntry[], from: string, to: string): Competition[] {
  return entries.filter(entry => entry.kind === 'competition' && entry.groupId !== null)
    .flatMap(entry =>
      daysOfEntry(entry).map((day): Competition => ({
        id: entry.id, groupId: entry.groupId!, name: entry.name, day, importance: entry.importance ?? 'C',
      }))
    )
    .filter(({ day }) => day >= from && day <= to)
    .sort((a, b) => a.day.localeCompare(b.day) || a.id.localeCompare(b.id))
}
