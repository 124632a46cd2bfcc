import { DateTime } from 'luxon'

/** "20:00 by your clock" where a thing keeps another zone's clock than the reader's; empty where they agree. */
export function yourClock(day: string, startsAt: string, timeZone: string, mine: string): string {
  const there = DateTime.fromISO(`${day}T${startsAt}`, { zone: timeZone })
  const here = there.setZone(mine)
  if (timeZone === mine || here.offset === there.offset) return ''
  const shift = here.toISODate()! === day ? '' : here.toISODate()! > day ? ' the next day' : ' the day before'
  return `${here.toFormat('HH:mm')}${shift} by your clock`
}
