export { decide } from './decide'
export {
  DECISION_KINDS, type Confidence, type Decision, type DecisionKind, type Dot, type OtherWay, type Step,
} from './decision'
export type { DecideRequest, Overruled } from './request'
