import { addDays } from '~~/core/calendar'
import type { SeasonShape } from '~~/core/season'

/** Height of each row of the ribbon, from the top. */
export const ROWS = { months: 16, flags: 62, loads: 84, phases: 30, planes: 54, days: 40, calendar: 22 } as const
/** Narrowest week, and the width of a week when its days are shown. */
export const WEEK_PX = { least: 24, days: 126 } as const
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const

/** Where each row begins. */
export function rowTops(days: boolean) {
  const flags = ROWS.months
  const loads = flags + ROWS.flags
  const keel = loads + ROWS.loads
  const phases = keel + 2
  const dayRow = phases + ROWS.phases
  const planes = dayRow + (days ? ROWS.days : 0)
  const calendar = planes + ROWS.planes
  return { flags, loads, keel, phases, days: dayRow, planes, calendar, height: calendar + ROWS.calendar }
}

/** The months of a season with the week each begins in. */
export function monthsOf(
  { startsOn, weeks }: Pick<SeasonShape, 'startsOn' | 'weeks'>,
): { readonly week: number, readonly name: string }[] {
  const found: { week: number, name: string }[] = []
  for (let week = 0; week < weeks; week++) {
    const day = addDays(startsOn, 7 * week)
    const name = `${MONTHS[Number(day.slice(5, 7)) - 1]}${
      day.slice(5, 7) === '01' || week === 0 ? ` ${day.slice(0, 4)}` : ''
    }`
    if (found.at(-1)?.name.slice(0, 3) !== name.slice(0, 3)) found.push({ week, name })
  }
  return found
}

/** Names along a line, each with as much room as it has before the next begins; those without room are left out. */
export function withRoom<T extends { readonly x: number, readonly text: string }>(
  items: readonly T[], end: number, charPx: number,
): (T & { readonly shown: string })[] {
  return items.map((item, i) => {
    const room = Math.floor(((items[i + 1]?.x ?? end) - item.x - 14) / charPx)
    return {
      ...item,
      shown: room >= item.text.length ? item.text : room >= 5 ? `${item.text.slice(0, room - 1)}…` : '',
    }
  })
}
