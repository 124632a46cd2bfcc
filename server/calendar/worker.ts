import { readText, type CalendarText } from './readText'
import type { ReadCalendar } from './readEvent'
import { writeCalendar, type OutEvent } from './writeCalendar'

/** A calendar that is to be written. */
export interface CalendarToWrite { readonly name: string, readonly events: readonly OutEvent[] }

/**
 * What a thread for calendars does. Rules of strangers may repeat for ever, and then only the thread ends; one of many
 * squads takes seconds to write.
 */
export default (asked: CalendarText | CalendarToWrite): ReadCalendar | string | Promise<ReadCalendar> =>
  ('events' in asked ? writeCalendar(asked.name, asked.events) : readText(asked))
