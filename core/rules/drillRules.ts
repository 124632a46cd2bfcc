import { age } from './age'
import { braceStep } from './braceStep'
import { clearanceFirst } from './clearanceFirst'
import { equipment } from './equipment'
import { flag } from './flag'
import { gateMet } from './gateMet'
import { pain } from './pain'
import { painTwice } from './painTwice'
import { prerequisite } from './prerequisite'
import { redFlag } from './redFlag'

/** Every rule that takes a drill away from an athlete, the gravest first. */
export const DRILL_RULES = [
  redFlag, flag, clearanceFirst, painTwice, pain, age, equipment, braceStep, gateMet, prerequisite,
] as const
export type DrillRuleId = (typeof DRILL_RULES)[number]['id']

/** Those of them that speak of health: they hold at the moment of training too, whatever was assigned. */
export const HEALTH_RULES: readonly DrillRuleId[] = ['redFlag', 'clearance', 'flag', 'painTwice', 'pain', 'age']
