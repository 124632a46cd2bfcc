export { AMBER_EFFORT, EFFORT_LIMITS, windowOf, type EffortWindow } from './window'
export { type FacilityWeights } from './loads'
export { gateSetting, prescribe, type PrescribeFor, type Prescription } from './prescribe'
