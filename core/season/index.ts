export { checkSeason } from './checkSeason'
export {
  DAY_KINDS, DELOAD_SHARE, KIND_VOLUMES, SEASON_COSTS, type SeasonCompetition, type SeasonDayKind, type SeasonInstance,
  type SeasonPhase, type SeasonPlan,
} from './instance'
export { DAY_RULE_TEXT, dayLimits, restWeeks, taperWeeks, type DayLimit, type DayRule } from './limits'
export { kindsOf, weekTable, type WeekWay } from './weekTable'
export { evaluateSeason, volumeBand, type GaveWay, type SeasonEvaluation } from './evaluateSeason'
export { planSeason, type SeasonOptions } from './planSeason'
export { planMark, repairSeason, type ChangedDay, type Repair, type RepairedPlan, type RepairOptions } from './repair'
export {
  daysOfEntry, ENTRY_KINDS, entriesOn, NO_EXCEPTIONS, seasonInstance, type CalendarEntry, type EntryKind,
  type PhaseOpening, type SeasonExceptions, type SeasonPhaseId, type SeasonShape, type ShapePhase,
} from './shape'
export { KIND_TEXT, seasonWeek, stretchesOf, type SeasonDay, type SeasonWeek } from './seasonWeek'
export { shutPhase, MISSED_SHARE, type ShutPhase, type OpeningState } from './shutPhase'
export { athleteStart, changedAthleteSeason, changedSeason, type StandingSeason } from './changeSeason'
