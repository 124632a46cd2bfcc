export {
  LIFT_IDS, liftAmountMost, liftDose, liftFacts, LIFTS, type Lift, type LiftId,
} from './lifts/lifts'
export { SPORT_PROFILE_IDS, SPORT_PROFILES, type SportProfile, type SportProfileId } from './sport/sportProfiles'
export {
  SLOTS, slotText, type Circuit, type PlannedLift, type PlannedSession, type Slot, type TrunkItem, type WeekPlan,
} from './week/week'
export {
  itemDurationS, layOutSession, liftDurationS, liftRestS, liftWithPairedS, trunkMinutesOf, type LineEntry,
  type SessionLayout,
} from './week/sessionLayout'
export { betweenDose, circuitS, roundOf, stationDose } from './week/circuit'
export {
  experienceFactor, SESSION_SETS, targetOrigins, weeklyTargets, type Band, type TargetOrigin, type TargetRequest,
  type Targets, type TargetStep,
} from './week/targets'
export { sportReason } from './sport/sportReasons'
export { positionOf } from './sport/positions'
export { POSITIONS, type Position } from './sport/positionList'
export { sportOf, type Sport, type SportEdit, type SportEdits } from './sport/sportOf'
export { SPORT_WANT_IDS, SPORT_WANTS, type SportWantId } from './sport/wants'
export { weakestDirection, type WeakestDirection } from './sport/weakestDirection'
export { FAULT_IDS, faultsInOrder, TYPICAL_FAULTS, type FaultId } from './sport/typicalFaults'
export { goalLadders } from './propose/goal'
export { weekLedger, type Ledger, type LedgerLine } from './week/ledger'
export { screenOn, type Decided, type PlanningContext } from './week/context'
export { meansOf, type Means } from './worth/means'
export { itemEffort, itemFullSets, mostServed, type ItemEffort } from './worth/itemEffort'
export { liftFullSets } from './worth/liftFullSets'
export { mayOn, openDrills } from './propose/mayOn'
export { courseSessions, isOnCourse, opensNext } from './propose/braceCourse'
export { isRefused, notesOn } from './propose/notes'
export {
  proposeWeek, type PlanProof, type ProposalRequest, type WeekProposal,
} from './propose/proposeWeek'
export { QUICK_BUDGET, rosterWalls, type ProposalOptions } from './propose/fillWeek'
export { weekAsNumbers, type WeekAsNumbers } from './propose/weekInstance'
export { effortText, loadText, reasonFor } from './propose/reason'
export { bestLately } from './review/bestLately'
export { progressOf } from './review/progress'
export { workDone, type PrescribedWork, type WorkDone } from './review/workDone'
export { beginWith } from './edit/beginWith'
export { alternatives, type Alternative } from './edit/alternatives'
export {
  addItem, addSession, changeItem, changeSession, findItem, liftsOnly, moveItem, moveToNeighbour, nudgeItem, placesOf,
  putLift, removeItem, removeLift, removeSession, type Place,
} from './edit/edit'
export { mergeWeeks, type MergedWeek, type WeekChoice } from './edit/mergeWeeks'
export { transferOf, type Transfer } from './sport/transfer'
export { lastTime, type LastTime } from './week/lastTime'
export {
  BREATH_METHODS, bracedRep, breathMethod, matchBrace, MATCH_TOLERANCE, type BracedRep, type BraceMatch,
  type BreathMethod, type LiftAtLoad,
} from './lifts/braceMatch'
export { auditWeek, MISTAKES, REPS_FOR_LOAD, type Finding, type Mistake } from './audit/audit'
export { improvements, weekGoal, type Improvement } from './audit/improve'
export { homePlan, HOUSEHOLD, type HomeItem } from './home/homePlan'
export { coolDownFor, warmUpFor, type RoutineLine } from './home/warmUp'
export { buildCircuit, CIRCUIT_BLOCKS, type CircuitBlock, type CircuitWish } from './circuits/buildCircuit'
export { CIRCUIT_WAYS, type CircuitWay, type CircuitWayId } from './circuits/circuitWays'
export { pasteRoutine, type ReadRoutine, type UnreadLine } from './paste/pasteRoutine'
export { adaptItem, addAdapted, type Adapted } from './paste/adapt'
export { comparePlans, type PlanDifference } from './audit/comparePlans'
export { mendConflict, mendsFor, type Mend } from './edit/mend'
export { withoutRefused } from './edit/withoutRefused'
export { inOrder } from './propose/inOrder'
