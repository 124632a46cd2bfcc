import { addDays } from '~~/core/calendar'
import type { SeasonExceptions, SeasonShape } from '~~/core/season'
import type { EntryInput } from '~~/shared/types'
import { dayMonth } from '~/words/inWords'

/** What is changed of a season and not stored yet. */
export interface DraftedChange {
  readonly put: readonly EntryInput[]
  readonly cancel: readonly string[]
  readonly shape: SeasonShape | null
  readonly exceptions: SeasonExceptions | null
  readonly pins: readonly number[] | null
  /** What was done, in words, the latest last. */
  readonly titles: readonly string[]
}

export const NOTHING_CHANGED: DraftedChange = {
  put: [], cancel: [], shape: null, exceptions: null, pins: null, titles: [],
}

/** Titles that a change is named by at most. */
const MOST_TITLES = 4

export const isChanged = ({ put, cancel, shape, exceptions, pins }: DraftedChange): boolean =>
  put.length + cancel.length > 0 || shape !== null || exceptions !== null || pins !== null

/** The change in a line. */
export const titleOf = ({ titles, pins }: DraftedChange): string =>
  titles.join('; ').slice(0, 200) || (pins ? 'Days are pinned' : '')

export const said = (edits: DraftedChange, text: string): DraftedChange =>
  ({ ...edits, titles: [...edits.titles.filter(one => one !== text), text].slice(-MOST_TITLES) })

/** The calendar as it is with the changes, by day and name. */
export function changedEntries(stored: readonly EntryInput[], { put, cancel }: DraftedChange): EntryInput[] {
  return [
    ...stored.filter(entry => !cancel.includes(entry.id)).map(entry => put.find(one => one.id === entry.id) ?? entry),
    ...put.filter(entry => !stored.some(one => one.id === entry.id)),
  ].sort((a, b) => a.day.localeCompare(b.day) || a.name.localeCompare(b.name))
}

export function withEntry(edits: DraftedChange, entry: EntryInput, text: string): DraftedChange {
  const put = [...edits.put.filter(one => one.id !== entry.id), entry]
  return said({ ...edits, put, cancel: edits.cancel.filter(id => id !== entry.id) }, text)
}

/** An entry moved by whole days; back where it stands the change is gone. */
export function withMoved(
  edits: DraftedChange, stored: readonly EntryInput[], id: string, days: number,
): DraftedChange {
  const entry = changedEntries(stored, edits).find(one => one.id === id)
  if (!entry || days === 0) return edits
  const moved = { ...entry, day: addDays(entry.day, days), lastDay: addDays(entry.lastDay, days) }
  const was = stored.find(one => one.id === id)
  const rest = { ...edits, titles: edits.titles.filter(one => !one.startsWith(`${entry.name} moves`)) }
  return was && was.day === moved.day && was.lastDay === moved.lastDay
    ? { ...rest, put: rest.put.filter(one => one.id !== id) }
    : withEntry(rest, moved, `${entry.name} moves${was ? ` from ${dayMonth(was.day)}` : ''} to ${dayMonth(moved.day)}`)
}

/** An entry called off; one that was never stored is gone without a word. */
export function withoutEntry(edits: DraftedChange, stored: readonly EntryInput[], id: string): DraftedChange {
  const entry = changedEntries(stored, edits).find(one => one.id === id)
  const rest = { ...edits, put: edits.put.filter(one => one.id !== id) }
  return entry && stored.some(one => one.id === id)
    ? said({ ...rest, cancel: [...rest.cancel, id] }, `${entry.name} is called off`)
    : rest
}

/** A day pinned or let go; pins as they are stored are no change. */
export function withPinToggled(edits: DraftedChange, stored: readonly number[], day: number): DraftedChange {
  const pins = edits.pins ?? stored
  const next = pins.includes(day) ? pins.filter(one => one !== day) : [...pins, day]
  const same = next.length === stored.length && next.every(one => stored.includes(one))
  return { ...edits, pins: same ? null : next }
}
