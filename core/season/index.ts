export {
  DAY_KINDS, DELOAD_SHARE, KIND_VOLUMES, SEASON_COSTS, TAPER_DAYS, TAPER_SHARE, type SeasonCompetition, type SeasonDayKind, type SeasonInstance, type SeasonPhase, type SeasonPlan,
} from './instance'
export { DAY_RULE_TEXT, dayLimits, taperWeeks, type DayLimit, type DayRule } from './limits'
export { weekTable, type WeekWay } from './weekTable'
export { evaluateSeason, volumeBand, type GaveWay, type SeasonEvaluation } from './evaluateSeason'
export { checkSeason, planSeason, type SeasonOptions } from './planSeason'
export { repairSeason, type ChangedDay, type Repair, type RepairedPlan, type RepairOptions } from './repair'
