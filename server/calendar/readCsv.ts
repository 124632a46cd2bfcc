import papa from 'papaparse'
import { isTrainingDay } from '~~/core/calendar'
import { ENTRY_KINDS } from '~~/core/season'
import { isTimeZone } from '~~/shared/schemas'
import type { ReadCalendar, ReadEvent } from './readEvent'

/** Columns of a calendar as CSV; only `name` and `day` must be there. */
const CALENDAR_COLUMNS = [
  'kind', 'name', 'day', 'lastDay', 'startsAt', 'minutes', 'timeZone', 'importance', 'travelBefore', 'travelAfter',
  'weeklyUntil',
] as const

const IMPORTANCE = ['A', 'B', 'C'] as const

/** Reads a calendar from CSV (RFC 4180); a row that cannot be used is told with its number and left out. */
export function readCsv(text: string): ReadCalendar {
  const { data, meta } = papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true, skipEmptyLines: 'greedy',
    transform: cell => cell.trim().replace(/^'(?=[=+\-@])/, ''),
    transformHeader: heading => heading.trim(),
  })
  const missing = ['name', 'day'].filter(column => !meta.fields?.includes(column))
  if (missing.length > 0)
    return {
      source: 'csv', events: [],
      problems: [
        `A calendar as CSV has the columns ${CALENDAR_COLUMNS.join(', ')}; ${missing.join(' and ')} ${
          missing.length > 1 ? 'are' : 'is'
        } missing.`,
      ],
    }
  const problems: string[] = []
  const events = data.flatMap((row, i): ReadEvent[] => {
    const { event, problem } = readRow(row)
    if (problem) problems.push(`Row ${i + 2}: ${problem}`)
    return event ? [event] : []
  })
  return { source: 'csv', events, problems }
}

// eslint-disable-next-line complexity -- a list of refusals, each a line of its own
function readRow(row: Readonly<Record<string, string | undefined>>): { event?: ReadEvent, problem?: string } {
  const at = (column: (typeof CALENDAR_COLUMNS)[number]): string | null => row[column] || null
  const name = at('name')
  if (!name) return { problem: 'the name is missing.' }
  const days = (['day', 'lastDay', 'weeklyUntil'] as const).map(at)
  const wrong = days.find(day => day !== null && !isTrainingDay(day))
  if (!days[0] || wrong) return { problem: `"${wrong ?? ''}" is not a day such as 2026-03-14.` }
  const startsAt = at('startsAt')
  if (startsAt && !/^([01]\d|2[0-3]):[0-5]\d$/.test(startsAt))
    return { problem: `"${startsAt}" is not a time such as 09:30.` }
  const timeZone = at('timeZone')
  if (timeZone && !isTimeZone(timeZone)) return { problem: `there is no time zone "${timeZone}".` }
  const kind = ENTRY_KINDS.find(k => k === at('kind')) ?? null
  if (at('kind') && !kind) return { problem: `"${at('kind')}" is not one of ${ENTRY_KINDS.join(', ')}.` }
  const number = (
    column: 'minutes' | 'travelBefore' | 'travelAfter',
  ): number | null => (at(column) === null ? null : Number(at(column)))
  const numbers = {
    minutes: number('minutes'), travelBefore: number('travelBefore'), travelAfter: number('travelAfter'),
  }
  const odd = Object.entries(numbers).find(([, value]) =>
    value !== null && !(Number.isInteger(value) && value >= 0 && value <= 1440)
  )
  if (odd) return { problem: `${odd[0]} is not a whole number.` }
  return {
    event: {
      uid: null, cancelled: false, name, day: days[0], lastDay: days[1] && days[1] >= days[0] ? days[1] : days[0],
      startsAt, timeZone, kind, weeklyUntil: days[2] ?? null,
      importance: IMPORTANCE.find(i => i === at('importance')) ?? null,
      ...numbers,
    },
  }
}
