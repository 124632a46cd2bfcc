import { tzOffset } from '@date-fns/tz'

const [MINUTE_MS, DAY_MS] = [60_000, 86_400_000]

/** "20:00 by your clock" where a thing keeps another zone's clock than the reader's; empty where they agree. */
export function yourClock(day: string, startsAt: string, timeZone: string, mine: string): string {
  const there = Date.parse(`${day}T${startsAt}Z`)
  const offset = (zone: string, at: number): number => tzOffset(zone, new Date(at)) * MINUTE_MS
  // The offset holds at the moment itself, which a clock that is set that day moves.
  const at = there - offset(timeZone, there - offset(timeZone, there))
  const here = at + offset(mine, at)
  if (timeZone === mine || here === there) return ''
  const days = Math.floor(here / DAY_MS) - Math.floor(there / DAY_MS)
  const shift = days === 0 ? '' : days > 0 ? ' the next day' : ' the day before'
  return `${new Date(here).toISOString().slice(11, 16)}${shift} by your clock`
}
