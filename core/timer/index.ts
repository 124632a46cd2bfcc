export { holdClock, leapTo, lookAt, startClock, type Clocks, type TimerClock } from './clock'
export { cuesOf, type Cue } from './cues'
export {
  intervalPhases, setsEnded, type GuidedLine, type IntervalSession, type IntervalsSoFar, type IntervalStation,
} from './intervals'
export {
  inTime, PHASE_KINDS, placeAt, type Phase, type PhaseKind, type PhaseSet, type Timed, type TimerPlace,
} from './phase'
export { CLUSTER_REST_S, doneBy, isCluster, READY_S, setPhases } from './setPhases'
