export { CAUTION, FLAG_IDS, flagFacts, FLAGS, PAIN_CAUTION, redFlags, type Flag, type FlagId } from './flags'
export {
  admissibleSet, doseRemoval, isAdmissible, LOAD_AGE_YEARS, removals, type Removal, type RemovalRule, type Screen,
} from './admissible'
export { breathFor, type PrescribedBreath } from './breath'
