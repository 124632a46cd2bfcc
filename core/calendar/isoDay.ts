import { DomainError } from '../errors'

/** A training day as `YYYY-MM-DD`, free of clock and time zone. */
export type IsoDay = string

/** Names of the weekdays, Monday first. */
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const

const DAY_MS = 86_400_000

/**
 * Days since 1970-01-01 of a training day.
 *
 * @throws DomainError `day` when the text is not a day of the calendar.
 * @example
 * dayNumber('1970-01-02') // => 1
 */
export function dayNumber(day: IsoDay): number {
  const ms = /^\d{4}-\d{2}-\d{2}$/.test(day) ? Date.parse(`${day}T00:00:00Z`) : NaN
  if (!Number.isFinite(ms) || new Date(ms).toISOString().slice(0, 10) !== day) {
    throw new DomainError('day', `"${day}" is not a day of the calendar.`)
  }
  return ms / DAY_MS
}

/**
 * Whether a text is a day that training can happen on: a day of the calendar from 1900 to 2199.
 *
 * @example
 * isTrainingDay('2026-02-30') // => false
 */
export function isTrainingDay(text: string): boolean {
  if (!(text >= '1900-01-01' && text <= '2199-12-31')) return false
  try {
    return Number.isFinite(dayNumber(text))
  }
  catch {
    return false
  }
}

/**
 * The day `days` after (or, negative, before) a day.
 *
 * @throws DomainError `day` when the text is not a day of the calendar.
 * @example
 * addDays('2024-02-28', 2) // => '2024-03-01'
 */
export function addDays(day: IsoDay, days: number): IsoDay {
  return new Date((dayNumber(day) + days) * DAY_MS).toISOString().slice(0, 10)
}

/**
 * Whole days from `from` to `to`, negative when `to` is earlier.
 *
 * @throws DomainError `day` when either text is not a day of the calendar.
 * @example
 * daysBetween('2026-11-24', '2026-12-01') // => 7
 */
export function daysBetween(from: IsoDay, to: IsoDay): number {
  return dayNumber(to) - dayNumber(from)
}

/**
 * The Monday on or before a day: weeks run Monday to Sunday.
 *
 * @throws DomainError `day` when the text is not a day of the calendar.
 * @example
 * mondayOf('2026-11-24') // => '2026-11-23'
 */
export function mondayOf(day: IsoDay): IsoDay {
  return addDays(day, -weekdayOf(day))
}

/**
 * Day of the week, 0 = Monday … 6 = Sunday.
 *
 * @throws DomainError `day` when the text is not a day of the calendar.
 * @example
 * weekdayOf('2026-11-24') // => 1
 */
export function weekdayOf(day: IsoDay): number {
  return (((dayNumber(day) + 3) % 7) + 7) % 7
}
