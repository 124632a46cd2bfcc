export {
  CAUTION, FLAG_IDS, FLAGS, NO_BRACE_WORK, NOT_NOW, PAIN_CAUTION, UNTIL_CLEARED, type Flag, type FlagId,
} from './flags'
export { flagFacts, redFlags } from './marks'
export {
  easedFacts, isEased, isRestriction, restrictionFacts, restrictionsOf, type EasedFlag, type HealthMark,
  type RestrictionId,
} from './restrictions'
export type { Screen } from './screen'
export { admissibleSet, doseRemoval, isAdmissible, removals, type Removal, type RemovalRule } from './admissible'
export { breathFor, type PrescribedBreath } from './breath'
export { mayTrain, type MayTrain, type Stop, type TrainingAsked } from './mayTrain'
export {
  CLEARANCE_EXTENTS, clearancesOf, CLEARING_ROLES, effectiveMarks, endingClearances, extentsFor, type Clearance,
  type ClearanceExtent, type ClearingRole, type Raised,
} from './clearance'
export { afterAnswers, raisedNow, type HealthState, type Moment } from './healthState'
export {
  LOCKING_TIMES, openPain, PAIN_VERDICTS, type DrillPain, type PainDecision, type PainSet, type PainVerdict,
} from './pain'
export { consequencesOf, flagsFrom, QUESTIONS, type Answers, type Consequences, type Question } from './questionnaire'
