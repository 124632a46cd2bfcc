export { parseTempo, tempoSeconds, writeTempo, type Tempo } from './tempo'
export {
  BREATH_S, CHANGE_S, checkDose, DEFAULT_REP_S, DOSE_UNITS, doseSessionS, formatAmount, formatDose, LETTER_S,
  PACE_M_PER_S, secondsOf, setCount, setSeconds, timeUnderTensionS, type Dose, type DoseUnit, type Side, type Sides,
} from './dose'
export { LOAD_VELOCITY, velocityMS, type LoadVelocityRelation } from './loadVelocity'
export { ONE_REP_MAX_FORMULAS, oneRepMaxKg, type OneRepMaxFormula } from './oneRepMax'
export { bracedRepS, type RepProfile } from './braceTime'
export { AMOUNT_STEP, stepDose, stepSets } from './steps'
export { expandSets, type SetSlot } from './expandSets'
export { momentTime, sameWork, workInWords } from './work'
export { DOSE_UNIT_WORDS } from './unitWords'
