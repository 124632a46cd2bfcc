import type { CalendarFound, EntryInput, FoundEntry, StoredEntry } from '~~/shared/types'
import type { ReadCalendar, ReadEvent } from './readEvent'

/** What a source does not say. */
interface Missing {
  readonly groupId: string
  readonly kind: EntryInput['kind']
  readonly timeZone: string
  readonly newKey: () => string
  /** Days before it are over: what is no longer in the source there stays. */
  readonly today: string
}

/** What an imported entry is called: its calendar and its name in there. */
const nameIn = (source: string, uid: string): string => `${source} ${uid}`.slice(0, 400)

/**
 * What a calendar holds against what is stored: an event is known again by its own name, or else by what it is, so that
 * reading a file twice doubles nothing. What a coach added (importance, travel) stays.
 */
export function matchEntries(read: ReadCalendar, stored: readonly StoredEntry[], missing: Missing): CalendarFound {
  const mine = stored.filter(entry => entry.groupId === missing.groupId)
  const taken = new Set<string>()
  const found = read.events.flatMap((event): FoundEntry[] => {
    const before = knownAgain(event, read, mine, missing, taken)
    if (before) taken.add(before.id)
    if (event.cancelled) return before && !before.cancelled ? [{ state: 'gone', entry: inputOf(before), before }] : []
    const entry = entryOf(event, read.source, before, missing)
    if (!before) return [{ state: 'new', entry, before: null }]
    const same = !before.cancelled && sameEntry(entry, before)
    return [{ state: same ? 'same' : 'changed', entry, before }]
  })
  const gone = mine.filter(entry =>
    !taken.has(entry.id) && !entry.cancelled && entry.lastDay >= missing.today && entry.sourceUid !== null
    && read.source !== 'csv'
    && entry.sourceUid.startsWith(nameIn(read.source, ''))
  )
  return {
    found: [...found, ...gone.map((before): FoundEntry => ({ state: 'gone', entry: inputOf(before), before }))],
    problems: read.problems,
  }
}

function knownAgain(
  event: ReadEvent, { source, events }: ReadCalendar, mine: readonly StoredEntry[], missing: Missing,
  taken: ReadonlySet<string>,
): StoredEntry | null {
  const free = mine.filter(entry => !taken.has(entry.id))
  const { uid } = event
  const byName = uid === null
    ? null
    : free.find(e => e.sourceUid === nameIn(source, uid)) ?? free.find(e => e.sourceUid?.endsWith(` ${uid}`))
  if (byName) return byName
  const alike = free.filter(e =>
    e.kind === (event.kind ?? missing.kind) && e.name.toLowerCase() === event.name.toLowerCase()
    && (uid === null || e.sourceUid === null)
  )
  const sameDay = alike.find(e => e.day === event.day)
  if (sameDay) return sameDay
  // One of that name here and one there: it has moved.
  const once = events.filter(e => e.name.toLowerCase() === event.name.toLowerCase()).length === 1
  return once && alike.length === 1 && alike[0]!.weeklyUntil === null ? alike[0]! : null
}

// eslint-disable-next-line complexity -- what the source does not say is as it was, or the usual
function entryOf(
  event: ReadEvent, source: string, before: StoredEntry | null, { groupId, kind: usual, timeZone, newKey }: Missing,
): EntryInput {
  const kind = event.kind ?? before?.kind ?? usual
  return {
    id: before?.id ?? newKey(), groupId, kind, name: event.name.slice(0, 120), day: event.day, lastDay: event.lastDay,
    startsAt: event.startsAt, minutes: event.minutes, timeZone: event.timeZone ?? before?.timeZone ?? timeZone,
    importance: kind === 'competition' ? before?.importance ?? event.importance ?? 'C' : null,
    travelBefore: event.travelBefore ?? before?.travelBefore ?? 0,
    travelAfter: event.travelAfter ?? before?.travelAfter ?? 0,
    weeklyUntil: event.weeklyUntil ?? before?.weeklyUntil ?? null, except: before?.except ?? [],
    sourceUid: event.uid === null ? before?.sourceUid ?? null : nameIn(source, event.uid),
  }
}

const inputOf = ({ sequence: _s, cancelled: _c, changedAt: _a, ...entry }: StoredEntry): EntryInput => entry

function sameEntry(entry: EntryInput, before: StoredEntry): boolean {
  const { except: a, ...one } = entry
  const { except: b, ...other } = inputOf(before)
  // The same thing from another file of the same calendar is no change.
  const keys = (Object.keys(one) as (keyof typeof one)[]).filter(key =>
    key !== 'sourceUid' || before.sourceUid === null
  )
  return keys.every(key => one[key] === other[key]) && a.join() === b.join()
}
