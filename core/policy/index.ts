export { DEFAULT_POLICY, LINE_IDS, POLICY_LINES, type LineId, type Policy, type PolicyLine } from './lines'
export { SCHOOL_IDS, SCHOOL_LINES } from './schools'
export { PHASE_IDS, PHASES, type Phase, type PhaseId } from './phases'
export { blockWeekOf, checkBlock, LIGHT_LOAD, USUAL_LOADS, type BlockWeek, type TrainingBlock } from './block'
export {
  NO_RULES, RULE_SCOPES, USUAL_RULES, weekRules, type Origin, type OwnBand, type PlanningRules, type RuleScope,
  type RulesLayer, type WeekRules,
} from './rules'
export {
  bendingCapOf, bendingFactor, directWorkFactor, policyCost, policyPlaceCost, policyRemoval,
} from './drills'
export { policyChanges, schoolPolicy, type PolicyChange } from './compare'
export { policyNotes } from './notes'
