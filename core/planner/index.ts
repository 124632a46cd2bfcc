export { anneal, USUAL_BUDGET, type Annealed, type AnnealBudget } from './anneal'
export { checkInstance } from './check'
export { asItem, columnsOf, type Column, type Dropped } from './columns'
export { evaluatePlan, type BrokenRule, type Evaluation, type Relaxation } from './evaluate'
export { explain, type Explanation } from './explain'
export {
  DEFAULTS, hoursBetween, liftDose, type DoseBand, type PlannerDose, type PlannerItem, type PlannerSession,
  type PlannerSlot, type PlannerVariation,
  type WeekInstance,
} from './instance'
export { RULE_FAMILIES, weekModel, type LinearModel, type RuleFamily } from './model'
export { planWeek, type PlannedWeek, type PlanOptions, type Walls } from './planWeek'
export type { LinearSolver, SolverAnswer, SolverRequest } from './solver'
