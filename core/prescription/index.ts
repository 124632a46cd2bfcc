export { takesLoad, settingFor } from './settingFor'
export { amountsAlong, EFFORT_LIMITS, windowOf } from './window'
export { PULLING, usualLoads, WEIGHED, type FacilityWeights } from './loads'
export {
  effortAt, gateSetting, keyOf, loadsFor, longestSetS, mayBeLoaded, prescribe, type PrescribeFor, type Prescription,
} from './prescribe'
export { carriedOn, grown, shortened, type Given, type Progress } from './carryOn'
