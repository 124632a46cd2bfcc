import { addDays, daysBetween, type IsoDay } from '../calendar'
import type { PhaseId } from '../policy'
import type { SeasonCompetition, SeasonInstance } from './instance'

/** Phases a season is made of; a taper comes of its A-competitions. */
export type SeasonPhaseId = Exclude<PhaseId, 'taper'>

/** What must be there before the next phase opens for an athlete. */
export interface PhaseOpening {
  /** Least brace step; null: any. */
  readonly braceStep: number | null
  /** Least share, 0-1, of planned sets done in the two weeks before; null: any. */
  readonly done: number | null
}

export interface ShapePhase {
  readonly phase: SeasonPhaseId
  /** Weeks. */
  readonly least: number
  readonly most: number
  /** Week it is wanted to begin in, from 0; null: wherever it falls. */
  readonly start: number | null
  /** Units of a usual week (off 0, activation 1, low 2, moderate 4, high 6). */
  readonly volume: number
  readonly opening: PhaseOpening
}

/** What a coach settles about a season, the calendar apart. */
export interface SeasonShape {
  /** A Monday. */
  readonly startsOn: IsoDay
  readonly weeks: number
  /** Weekdays with time for trunk work, 0 Monday. */
  readonly weekdays: readonly number[]
  /** Weekdays of the hard lifts; none: a high day may fall anywhere. */
  readonly hardDays: readonly number[]
  /** A lighter week at least this often; 0: none. */
  readonly deloadEvery: number
  readonly phases: readonly ShapePhase[]
}

export const ENTRY_KINDS = ['competition', 'match', 'practice', 'closure', 'school'] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

/** One thing in the calendar, of one day or several, once or every week. */
export interface CalendarEntry {
  readonly id: string
  readonly kind: EntryKind
  readonly name: string
  readonly day: IsoDay
  /** The same as `day` where it lasts one. */
  readonly lastDay: IsoDay
  /** Of a competition only. */
  readonly importance: SeasonCompetition['importance'] | null
  readonly travelBefore: number
  readonly travelAfter: number
  /** Repeated every week to this day. */
  readonly weeklyUntil: IsoDay | null
  /** Repeats that do not take place. */
  readonly except: readonly IsoDay[]
}

/** How an athlete differs from the group. */
export interface SeasonExceptions {
  readonly absences: readonly { readonly from: IsoDay, readonly to: IsoDay }[]
  /** Competitions and practices the athlete is not part of, by id. */
  readonly skips: readonly string[]
  /** First week each later phase is open in, by its number, where it is held shut. */
  readonly opens: Readonly<Record<number, number>>
  /** Days that stay as the athlete has them, whatever the group does. */
  readonly pins: readonly number[]
}
export const NO_EXCEPTIONS: SeasonExceptions = { absences: [], skips: [], opens: {}, pins: [] }

/**
 * Every day an entry takes place on, repeats and all.
 *
 * @example
 * daysOfEntry({ day: '2026-03-03', lastDay: '2026-03-03', weeklyUntil: '2026-03-17', except: ['2026-03-10'] }) // => ['2026-03-03', '2026-03-17']
 */
export function daysOfEntry(
  { day, lastDay, weeklyUntil, except }: Pick<CalendarEntry, 'day' | 'lastDay' | 'weeklyUntil' | 'except'>,
): IsoDay[] {
  const length = Math.max(0, daysBetween(day, lastDay))
  const repeats = weeklyUntil === null ? 0 : Math.max(0, Math.floor(daysBetween(day, weeklyUntil) / 7))
  return Array.from({ length: repeats + 1 }, (_, week) => addDays(day, 7 * week)).filter(first =>
    !except.includes(first)
  )
    .flatMap(first => Array.from({ length: length + 1 }, (_, i) => addDays(first, i)))
}

/**
 * A season's shape and calendar as the numbers it is planned from.
 *
 * @example
 * seasonInstance({ startsOn: '2026-03-02', weeks: 1, weekdays: [0], hardDays: [], deloadEvery: 4, phases: [] }, []).weekdays // => [0]
 */
export function seasonInstance(
  shape: SeasonShape, entries: readonly CalendarEntry[], exceptions: SeasonExceptions = NO_EXCEPTIONS,
): SeasonInstance {
  const at = (day: IsoDay): number => daysBetween(shape.startsOn, day)
  const mine = entries.filter(entry => !exceptions.skips.includes(entry.id))
  const daysOf = (kind: EntryKind): number[] =>
    [...new Set(mine.filter(e => e.kind === kind).flatMap(daysOfEntry).map(at))].sort((a, b) => a - b)
  const competing = mine.filter(e => e.kind === 'competition')
  const travel = competing.flatMap(({ day, lastDay, travelBefore, travelAfter }) => [
    ...Array.from({ length: travelBefore }, (_, i) => at(day) - 1 - i),
    ...Array.from({ length: travelAfter }, (_, i) => at(lastDay) + 1 + i),
  ])
  const away = exceptions.absences.flatMap(({ from, to }) =>
    daysOfEntry({ day: from, lastDay: to, weeklyUntil: null, except: [] }).map(at)
  )
  return {
    weeks: shape.weeks,
    phases: shape.phases.map(({ phase, least, most, start, volume }, i) => ({
      id: phase, least, most, start, volume,
      ...(exceptions.opens[i] === undefined ? {} : { notBefore: exceptions.opens[i] }),
    })),
    competitions: competing.flatMap(e =>
      daysOfEntry(e).map(day => ({ day: at(day), importance: e.importance ?? 'C' }))
    ),
    matches: daysOf('match'), practices: daysOf('practice'),
    closed: [...new Set([...daysOf('closure'), ...away])].sort((a, b) => a - b),
    travel, school: daysOf('school'), weekdays: shape.weekdays,
    ...(shape.hardDays.length > 0 ? { hardDays: shape.hardDays } : {}),
    deloadEvery: shape.deloadEvery,
  }
}

/**
 * What takes place on a day.
 *
 * @example
 * entriesOn([], '2026-03-02') // => []
 */
export function entriesOn<E extends CalendarEntry>(entries: readonly E[], day: IsoDay): E[] {
  return entries.filter(entry => day >= entry.day && daysOfEntry(entry).includes(day))
}
