import type ICAL from 'ical.js'

/** How often things of a season repeat; a training of every minute is none. */
const FREQUENCIES = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY']
/** Days left out of, added to, or moved in one event: three years of them. */
const MOST_EXCEPTIONS = 1100
/** Longest month of each number: 29 February is a day. */
const LAST_DAY = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/**
 * Refuses an event whose repeats would be looked for in vain, or one by one for ever.
 *
 * @throws Error in words for whoever brought the file
 */
export function refuseEndless(event: ICAL.Component, moved: number): void {
  const name = String(event.getFirstPropertyValue('summary') ?? 'Without a name').slice(0, 60)
  const exceptions = ['exdate', 'rdate'].flatMap(what => event.getAllProperties(what))
    .reduce((sum, property) => sum + property.getValues().length, moved)
  if (exceptions > MOST_EXCEPTIONS)
    throw new Error(`“${name}” has ${exceptions} exceptions; up to ${MOST_EXCEPTIONS} are read.`)
  for (const rule of event.getAllProperties('rrule').map(property => property.getFirstValue() as ICAL.Recur)) {
    if (!FREQUENCIES.includes(rule.freq))
      throw new Error(`“${name}” repeats ${rule.freq.toLowerCase()}: only days, weeks, months and years are read.`)
    if (isNever(rule)) throw new Error(`“${name}” repeats on a day that no month has.`)
  }
}

/** Whether a rule names days of months in which they do not exist. */
function isNever({ parts }: ICAL.Recur): boolean {
  const days = (parts as Readonly<Record<string, readonly number[] | undefined>>).BYMONTHDAY
  const months = (parts as Readonly<Record<string, readonly number[] | undefined>>).BYMONTH
  if (!days) return false
  const lasts = months ? months.map(month => LAST_DAY[month - 1] ?? 0) : LAST_DAY
  return !days.some(day => lasts.some(last => Math.abs(day) <= last))
}
