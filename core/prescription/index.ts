export { amountsAlong, EFFORT_LIMITS, windowOf } from './window'
export { PULLING, usualLoads, WEIGHED, type FacilityWeights } from './loads'
export { gateSetting, keyOf, loadsFor, mayBeLoaded, prescribe, type PrescribeFor, type Prescription } from './prescribe'
export { carriedOn, type Given, type Progress } from './carryOn'
