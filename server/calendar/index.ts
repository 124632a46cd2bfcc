export { closeCalendars, readInThread } from './inThread'
export { matchEntries } from './matchEntries'
export type { ReadCalendar } from './readEvent'
export { writeCalendar, type OutEvent } from './writeCalendar'
