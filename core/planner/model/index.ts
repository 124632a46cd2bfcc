export { RULE_FAMILIES, type LinearModel, type RuleFamily } from './builder'
export { weekModel } from './model'
