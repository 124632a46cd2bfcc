export { addDays, dayNumber, daysBetween, isTrainingDay, mondayOf, weekdayOf, type IsoDay } from './isoDay'
