import { addDays, weekdayOf, WEEKDAYS } from '~~/core/calendar'
import type { Units } from '~~/shared/types'

export const DAY_NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const
export const DAY_NAMES_LONG = WEEKDAYS
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const

/** "Tue 3". */
export function shortDay(day: string): string {
  return `${DAY_NAMES[weekdayOf(day)]} ${Number(day.slice(8))}`
}

/** "3 Nov". */
export function dayMonth(day: string): string {
  return `${Number(day.slice(8))} ${MONTHS[Number(day.slice(5, 7)) - 1]}`
}

/** "Tuesday 3 Nov". */
export function longDay(day: string): string {
  return `${DAY_NAMES_LONG[weekdayOf(day)]} ${Number(day.slice(8))} ${MONTHS[Number(day.slice(5, 7)) - 1]}`
}

/** "23 – 29 Nov" for the week that starts on a Monday. */
export function weekSpan(startsOn: string): string {
  const end = addDays(startsOn, 6)
  const month = (day: string): string => MONTHS[Number(day.slice(5, 7)) - 1]!
  const first = month(startsOn) === month(end) ? '' : ` ${month(startsOn)}`
  return `${Number(startsOn.slice(8))}${first} – ${Number(end.slice(8))} ${month(end)}`
}

/** "today", "tomorrow", "in 4 days", "3 days ago". */
export function inDays(days: number): string {
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days === -1) return 'yesterday'
  return days > 0 ? `in ${days} days` : `${-days} days ago`
}

const LB_PER_KG = 2.204_622_621_85
const CM_PER_IN = 2.54

/** Reads and writes masses and lengths in a person's units; storage is kg and cm. */
export function measures(units: Units) {
  const round = (value: number, digits: number): number => Number(value.toFixed(digits))
  const pounds = units.mass === 'lb'
  const inches = units.length === 'in'
  return {
    mass: units.mass,
    length: units.length,
    showMass: (kg: number): number => round(pounds ? kg * LB_PER_KG : kg, 1),
    readMass: (shown: number): number => round(pounds ? shown / LB_PER_KG : shown, 3),
    showLength: (cm: number): number => round(inches ? cm / CM_PER_IN : cm, 1),
    readLength: (shown: number): number => round(inches ? shown * CM_PER_IN : shown, 2),
  }
}
