export { addDays, dayNumber, daysBetween, isTrainingDay, mondayOf, weekdayOf, WEEKDAYS, type IsoDay } from './isoDay'
