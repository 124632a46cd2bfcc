export { anneal, USUAL_BUDGET, type Annealed, type AnnealBudget } from './anneal'
export { checkInstance } from './check'
export { columnsOf, type Column, type Dropped } from './columns'
export { evaluate, type BrokenRule, type Evaluation, type Relaxation } from './evaluate'
export { explain, type Explanation } from './explain'
export {
  DEFAULTS, hoursBetween, liftDose, type DoseBand, type PlannerDose, type PlannerItem, type PlannerSession, type PlannerSlot, type PlannerVariation,
  type SessionKind, type WeekInstance,
} from './instance'
export { RULE_FAMILIES, weekModel, type LinearModel, type RuleFamily } from './model'
export { planWeek, type LinearSolver, type PlannedWeek, type PlanOptions, type SolverAnswer, type SolverRequest } from './planWeek'
