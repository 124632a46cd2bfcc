export { decide } from './decide'
export type { Decision, DecisionKind, Step } from './decision'
export type { Overruled } from './request'
