export { holdClock, lookAt, startClock, type Clocks, type TimerClock } from './clock'
export { cuesOf, type Cue } from './cues'
export {
  FIGHTER_ROUND_S, fighterRounds, giantSet, guidedSession, intervalPhases, type IntervalBlock, type IntervalSession,
} from './intervals'
export { inTime, PHASE_KINDS, placeAt, type Phase, type PhaseKind, type Timed, type TimerPlace } from './phase'
export { CLUSTER_REST_S, doneBy, isCluster, READY_S, setPhases } from './setPhases'
