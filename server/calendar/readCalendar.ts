import { group } from 'd3-array'
import ICAL from 'ical.js'
import { DateTime } from 'luxon'
import { addDays } from '~~/core/calendar'
import { isTimeZone } from '~~/shared/schemas'
import type { ReadCalendar, ReadEvent } from './readEvent'
import { refuseEndless } from './refuseEndless'

/** Repeats taken from one event at most, and days ahead they are looked for. */
const MOST_REPEATS = 120
const AHEAD_DAYS = 420
/** Of one file: nobody looks through more. */
const MOST_EVENTS = 2000

/**
 * Reads an iCalendar file (RFC 5545). Repeats become events of their own; what lies in no known zone is told by the
 * clock of `zone`.
 *
 * @param today repeats long before it are left out
 */
export function readCalendar(text: string, zone: string, today: string): ReadCalendar {
  let roots: ICAL.Component[]
  try {
    const parsed = ICAL.parse(text) as unknown[]
    // A file may hold several calendars, one after the other.
    roots = (typeof parsed[0] === 'string' ? [parsed] : parsed).map(one => new ICAL.Component(one as unknown[]))
    if (roots.length === 0) throw new Error('it is empty.')
  }
  catch (error) {
    return {
      source: 'file', events: [],
      problems: [`The file could not be read as a calendar: ${(error as Error).message}`],
    }
  }
  const read = roots.map(root => readRoot(root, zone, today))
  const events = read.flatMap(one => one.events)
  const more = events.length > MOST_EVENTS
    ? [`Only the first ${MOST_EVENTS} of its ${events.length} events are read.`]
    : []
  return {
    source: read[0]!.source, events: events.slice(0, MOST_EVENTS),
    problems: [...read.flatMap(one => one.problems), ...more],
  }
}

function readRoot(root: ICAL.Component, zone: string, today: string): ReadCalendar {
  const source = textOf(root.getFirstPropertyValue('x-wr-calname')) || textOf(root.getFirstPropertyValue('prodid'))
    || 'file'
  const allCancelled = textOf(root.getFirstPropertyValue('method')).toUpperCase() === 'CANCEL'
  const components = root.getAllSubcomponents('vevent')
  const uidOf = (c: ICAL.Component): string => textOf(c.getFirstPropertyValue('uid'))
  const moved = components.filter(c => c.hasProperty('recurrence-id'))
  const masters = components.filter(c => !c.hasProperty('recurrence-id'))
  const problems: string[] = []
  const events: ReadEvent[] = []
  const named = new Set(masters.map(uidOf))
  const movedOf = group(moved, uidOf)
  for (const component of [...masters, ...moved.filter(c => !named.has(uidOf(c)))]) {
    try {
      const exceptions = (movedOf.get(uidOf(component)) ?? []).filter(c => c !== component)
      refuseEndless(component, exceptions.length)
      const event = new ICAL.Event(component, { exceptions, strictExceptions: true })
      events.push(
        ...(event.isRecurring()
          ? repeatsOf(event, zone, today)
          : [readOne(event, event.startDate, event.endDate, event.uid, zone)]),
      )
    }
    catch (error) {
      problems.push(`One event could not be read: ${(error as Error).message}`)
    }
  }
  return { source, problems, events: allCancelled ? events.map(event => ({ ...event, cancelled: true })) : events }
}

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '')

function repeatsOf(event: ICAL.Event, zone: string, today: string): ReadEvent[] {
  const iterator = event.iterator()
  const found: ReadEvent[] = []
  // The bound is on what is looked at, so that a rule from long ago ends too.
  for (let looked = 0; looked < 20 * MOST_REPEATS && found.length < MOST_REPEATS; looked++) {
    const next = iterator.next()
    if (!next) break
    const { item, startDate, endDate, recurrenceId } = event.getOccurrenceDetails(next)
    const read = readOne(item, startDate, endDate, `${event.uid}/${recurrenceId.toString().slice(0, 10)}`, zone)
    if (read.day > addDays(today, AHEAD_DAYS)) break
    if (read.day >= addDays(today, -28)) found.push(read)
  }
  return found
}

function readOne(event: ICAL.Event, start: ICAL.Time, end: ICAL.Time | null, uid: string, zone: string): ReadEvent {
  const priority = Number(event.component.getFirstPropertyValue('priority') ?? 0)
  const head = {
    uid, name: (event.summary ?? '').trim() || 'Without a name', kind: null, travelBefore: null, travelAfter: null,
    weeklyUntil: null,
    cancelled: textOf(event.component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED',
    importance: priority >= 1 && priority <= 9 ? (['A', 'B', 'C'] as const)[Math.floor((priority - 1) / 3)]! : null,
  }
  if (start.isDate) {
    const day = start.toString().slice(0, 10)
    const last = end ? addDays(end.toString().slice(0, 10), -1) : day
    return { ...head, day, lastDay: last < day ? day : last, startsAt: null, minutes: null, timeZone: null }
  }
  const from = clockOf(start, zone)
  const to = end ? clockOf(end, zone) : from
  const minutes = Math.round(to.diff(from, 'minutes').minutes)
  return {
    ...head, day: from.toISODate()!,
    lastDay: minutes > 24 * 60 ? to.setZone(from.zone).toISODate()! : from.toISODate()!,
    startsAt: from.toFormat('HH:mm'), minutes: minutes >= 5 ? Math.min(minutes, 1440) : null, timeZone: from.zoneName,
  }
}

/** A moment by its own clock where its zone is known; a moment of the world by ours; a floating one as it stands. */
function clockOf(time: ICAL.Time, zone: string): DateTime {
  const tzid = time.zone?.tzid ?? 'floating'
  const wall = { year: time.year, month: time.month, day: time.day, hour: time.hour, minute: time.minute }
  if (tzid === 'UTC' || tzid === 'Z') return DateTime.fromObject(wall, { zone: 'utc' }).setZone(zone)
  if (tzid === 'floating') {
    // A name without its rules in the file: the name is enough.
    const named = (time as unknown as { timezone?: string }).timezone
    return DateTime.fromObject(wall, { zone: named && isTimeZone(named) ? named : zone })
  }
  return isTimeZone(tzid)
    ? DateTime.fromObject(wall, { zone: tzid })
    : DateTime.fromJSDate(time.toJSDate()).setZone(zone)
}
