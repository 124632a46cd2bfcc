import type { Variation } from '../catalogue'
import type { Dose } from '../dose'
import { DRILL_RULES, type DrillRuleId } from '../rules/drillRules'
import { holdLength } from '../rules/holdLength'
import type { HealthMark } from './restrictions'
import type { Screen } from './screen'

export type RemovalRule = DrillRuleId

/** One rule that takes a drill away, in words for the coach. */
export interface Removal {
  readonly rule: RemovalRule
  readonly text: string
}

/**
 * Every rule that takes a variation away from an athlete; empty means it may be given.
 * This is the one place where that is decided: whatever hands out or takes in training asks here.
 *
 * @example
 * removals(findVariation('brace.low-breath'), { catalogue: STANDARD, flags: ['chestPain'], equipment: [], braceStep: 1, rungs: {}, ageYears: 20 })[0].rule // => 'redFlag'
 */
export function removals(variation: Variation, screen: Screen): Removal[] {
  return DRILL_RULES.flatMap(rule => rule.breaks({ variation, screen }).map(text => ({ rule: rule.id, text })))
}

/**
 * Whether a variation may be prescribed.
 *
 * @example
 * isAdmissible(findVariation('brace.low-breath'), { catalogue: STANDARD, flags: [], equipment: [], braceStep: 1, rungs: {}, ageYears: 20 }) // => true
 */
export function isAdmissible(variation: Variation, screen: Screen): boolean {
  return DRILL_RULES.every(rule => rule.breaks({ variation, screen }).length === 0)
}

/**
 * All variations of the catalogue that may be prescribed, in catalogue order.
 *
 * @example
 * admissibleSet({ catalogue: STANDARD, flags: ['fainting'], equipment: [], braceStep: 7, rungs: {}, ageYears: 20 }).length // => 0
 */
export function admissibleSet(screen: Screen): Variation[] {
  return screen.catalogue.variations.filter(variation => isAdmissible(variation, screen))
}

/**
 * Why a dose may not be given to an athlete with these flags, or null when it may.
 *
 * @example
 * doseRemoval({ sets: 2, amount: 30, unit: 'seconds', restS: 30 }, ['backPainBending']) // => 'Back pain on bending: holds of 10 s at most.'
 */
export function doseRemoval(dose: Dose, flags: readonly HealthMark[]): string | null {
  return holdLength.breaks({ dose, flags })[0] ?? null
}
