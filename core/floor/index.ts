export type { Bound, Placed, Timetable } from './answer'
export { checkTimetable } from './checkTimetable'
export type { FloorEvent } from './events'
export { repairTimetable, type Repaired } from './repair'
export {
  atOnceAt, checkRoom, DAY_TICKS, TICK_S, type Block, type Limit, type Narrow, type Place, type Present, type Room,
} from './room'
export { timetable } from './timetable'
