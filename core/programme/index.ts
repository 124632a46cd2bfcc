export { LIFT_IDS, liftFacts, LIFTS, type Lift, type LiftId } from './lifts'
export { SPORT_PROFILE_IDS, SPORT_PROFILES, type SportProfile, type SportProfileId } from './sportProfiles'
export {
  SLOTS, type Circuit, type PlannedLift, type PlannedSession, type Slot, type TrunkItem, type WeekPlan,
} from './week'
export {
  itemDurationS, layOutSession, liftDurationS, liftRestS, type Block, type SessionLayout,
} from './sessionLayout'
export { circuitS, roundOf, stationDose } from './circuit'
export {
  experienceFactor, SESSION_TUT_S, targetOrigins, weeklyTargets, type Band, type TargetOrigin, type TargetRequest,
  type Targets, type TargetStep,
} from './targets'
export { sportReason } from './sportReasons'
export { positionOf, POSITIONS, type Position } from './positions'
export { goalLadders } from './goal'
export { itemActionSeconds, liftActionSeconds, weekLedger, type Ledger, type LedgerLine } from './ledger'
export { screenOn, type PlanningContext } from './context'
export { candidates, keepsRules, mayOn, optionsFor, type Candidate, type Option } from './candidates'
export { courseSessions, isOnCourse, opensNext } from './braceCourse'
export {
  inOrder, isRefused, notesOn, proposeWeek, type PlanProof, type Proposer, type ProposalRequest, type WeekProposal,
} from './propose'
export { optimiseWeek, QUICK_BUDGET, type OptimiseOptions } from './optimise'
export { asPlannerItems, asSessions, EXPOSURE, weekAsNumbers, type WeekAsNumbers } from './weekInstance'
export { progressText, reasonFor } from './reason'
export { alternatives, type Alternative } from './alternatives'
export {
  addItem, addSession, changeItem, changeSession, findItem, liftsOnly, moveItem, moveToNeighbour, nudgeItem, placesOf,
  putLift, removeItem, removeLift, removeSession, stepDose, stepSets, type Place,
} from './edit'
export { mergeWeeks, type MergedWeek, type WeekChoice } from './mergeWeeks'
export { transferOf, type Transfer } from './transfer'
export { lastTime, type LastTime } from './lastTime'
export {
  BREATH_METHODS, bracedRep, breathMethod, matchBrace, MATCH_TOLERANCE, type BracedRep, type BraceMatch,
  type BreathMethod, type LiftAtLoad,
} from './braceMatch'
export { auditWeek, MISTAKES, REPS_FOR_LOAD, type Finding, type Mistake } from './audit'
export { improvements, weekGoal, type Improvement } from './improve'
export { homePlan, HOUSEHOLD, type HomeItem } from './homePlan'
export { coolDownFor, warmUpFor, type RoutineLine } from './warmUp'
export { buildCircuit, CIRCUIT_BLOCKS, type CircuitBlock } from './buildCircuit'
export { pasteRoutine, type ReadRoutine, type UnreadLine } from './pasteRoutine'
export { adaptItem, addAdapted, type Adapted } from './adapt'
export { comparePlans, type PlanDifference } from './comparePlans'
export { mendConflict, mendsFor, type Mend } from './mend'
export { withoutRefused } from './withoutRefused'
