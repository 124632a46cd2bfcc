export { evaluatePlan, type Evaluation } from './evaluatePlan'
export type { BrokenRule } from './placed'
export type { Relaxation } from './wants'
