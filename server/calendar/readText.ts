import { readCalendar } from './readCalendar'
import { readCsv } from './readCsv'
import type { ReadCalendar } from './readEvent'

/** A calendar as somebody brought it. */
export interface CalendarText {
  readonly text: string
  /** Where times without a zone are. */
  readonly zone: string
  readonly today: string
}

/** Problems of one file that are told. */
const MOST_PROBLEMS = 50

/** Reads a calendar file: iCalendar, or else CSV. */
export function readText({ text, zone, today }: CalendarText): ReadCalendar {
  const isCalendar = text.trimStart().slice(0, 15).toUpperCase() === 'BEGIN:VCALENDAR'
  const { problems, ...read } = isCalendar ? readCalendar(text, zone, today) : readCsv(text)
  const more = problems.length - MOST_PROBLEMS
  const told = problems.slice(0, MOST_PROBLEMS)
  return { ...read, problems: more > 0 ? [...told, `And ${more} more like these.`] : told }
}
