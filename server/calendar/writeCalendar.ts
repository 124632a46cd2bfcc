import ical, { ICalCalendarMethod, ICalEventStatus, ICalEventTransparency } from 'ical-generator'
import { DateTime } from 'luxon'
import { tzlib_get_ical_block } from 'timezones-ical-library'
import { addDays } from '~~/core/calendar'

/** One event as calendars read it. */
export interface OutEvent {
  /** The same for as long as the thing is the same. */
  readonly uid: string
  /** Rises with every change. */
  readonly sequence: number
  /** When it was changed last, as an ISO moment. */
  readonly changedAt: string
  readonly name: string
  readonly day: string
  readonly lastDay: string
  /** `HH:MM` by the clock of its zone; null: all day. */
  readonly startsAt: string | null
  readonly minutes: number | null
  readonly timeZone: string
  readonly description: string
  readonly cancelled: boolean
  /** 1 highest, 9 lowest; 0 says nothing. */
  readonly priority: number
  /** Whether the time counts as taken. */
  readonly busy: boolean
}

/** Minutes of something that does not say how long it takes. */
const USUAL_MINUTES = 60

/**
 * Events as an iCalendar file (RFC 5545): moments by the clock of their own zone with that zone's rules in the file, so
 * that they hold over a change of the clocks; days without a time as days.
 */
export function writeCalendar(name: string, events: readonly OutEvent[]): string {
  const calendar = ical({
    name,
    prodId: { company: 'Keen Anchor', product: 'Season', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  calendar.timezone({ name: null, generator: zone => tzlib_get_ical_block(zone)[0] ?? null })
  for (const event of events) {
    const timed = event.startsAt !== null
    const start = timed ? momentOf(event.day, event.startsAt!, event.timeZone) : dayStart(event.day)
    const made = calendar.createEvent({
      id: event.uid, sequence: event.sequence, summary: event.name, description: event.description,
      stamp: DateTime.fromISO(event.changedAt, { zone: 'utc' }), start,
      end: timed ? start.plus({ minutes: event.minutes ?? USUAL_MINUTES }) : dayStart(addDays(event.lastDay, 1)),
      allDay: !timed, ...(timed ? { timezone: event.timeZone } : {}),
      status: event.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
      transparency: event.busy ? ICalEventTransparency.OPAQUE : ICalEventTransparency.TRANSPARENT,
    })
    if (event.priority > 0) made.priority(event.priority)
  }
  return calendar.toString()
}

/** A clock's moment; one that the change to summer time leaves out is the hour after it. */
function momentOf(day: string, time: string, timeZone: string): DateTime {
  return DateTime.fromISO(`${day}T${time}`, { zone: timeZone })
}

const dayStart = (day: string): DateTime => DateTime.fromISO(day, { zone: 'utc' })
