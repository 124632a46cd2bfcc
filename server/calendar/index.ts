export { closeCalendars, readInThread, writeInThread } from './inThread'
export { matchEntries } from './matchEntries'
export type { ReadCalendar } from './readEvent'
export { type OutEvent } from './writeCalendar'
