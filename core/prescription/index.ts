export { EFFORT_LIMITS, USUAL_AMOUNTS, windowOf } from './window'
export { type FacilityWeights } from './loads'
export { gateSetting, mayBeLoaded, prescribe, type PrescribeFor, type Prescription } from './prescribe'
