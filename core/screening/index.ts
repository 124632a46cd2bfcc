export { CAUTION, FLAG_IDS, FLAGS, PAIN_CAUTION, type Flag, type FlagId } from './flags'
export { flagFacts, redFlags } from './marks'
export { isRestriction, restrictionFacts, restrictionsOf, type HealthMark, type RestrictionId } from './restrictions'
export {
  admissibleSet, doseRemoval, isAdmissible, LOAD_AGE_YEARS, removals, type Removal, type RemovalRule, type Screen,
} from './admissible'
export { breathFor, type PrescribedBreath } from './breath'
export { effectiveMarks, endingClearances, type Clearance } from './clearance'
export { consequencesOf, flagsFrom, QUESTIONS, type Answers, type Consequences, type Question } from './questionnaire'
