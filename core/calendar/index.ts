export { addDays, dayNumber, daysBetween, mondayOf, weekdayOf, type IsoDay } from './isoDay'
