import type { EntryInput } from '~~/shared/types'
import { writeTable } from './tableFile'

/** Everything in a calendar as a table, one line an entry. */
export const calendarTable = (entries: readonly EntryInput[]): Promise<string> => writeTable(entries.map((
  { kind, name, day, lastDay, startsAt, minutes, timeZone, importance, travelBefore, travelAfter, weeklyUntil },
) => ({
  kind, name, day, lastDay, startsAt: startsAt ?? '', minutes: minutes ?? '', timeZone, importance: importance ?? '',
  travelBefore, travelAfter, weeklyUntil: weeklyUntil ?? '',
})))
