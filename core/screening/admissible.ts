import { HAZARDS, type Catalogue, type Equipment, type Variation } from '../catalogue'
import type { Dose } from '../dose'
import { flagFacts, redFlags } from './marks'
import type { HealthMark } from './restrictions'

/** What decides whether a drill may be prescribed to this athlete. */
export interface Screen {
  /** The drills to choose from. */
  readonly catalogue: Catalogue
  readonly flags: readonly HealthMark[]
  readonly equipment: readonly Equipment[]
  /** Highest brace step reached, 1-7. */
  readonly braceStep: number
  /** Present rung on each ladder by ladder id; 1 where none is recorded. */
  readonly rungs: Readonly<Record<string, number>>
  /** Age in whole years, null when unknown. */
  readonly ageYears: number | null
}

export type RemovalRule = 'redFlag' | 'flag' | 'age' | 'equipment' | 'braceStep' | 'rung' | 'prerequisite'

/** One rule that takes a drill away, in words for the coach. */
export interface Removal {
  readonly rule: RemovalRule
  readonly text: string
}

/** Youngest age for loaded bending and fast work (common practice, no source). */
export const LOAD_AGE_YEARS = 16

/**
 * Every rule that takes a variation away from an athlete; empty means it may be prescribed.
 * This is the one place where that is decided: proposer, editor, swap, import and API all ask here.
 *
 * @example
 * removals(findVariation('brace.low-breath'), { catalogue: STANDARD, flags: ['chestPain'], equipment: [], braceStep: 1, rungs: {}, ageYears: 20 })[0].rule // => 'redFlag'
 */
export function removals(variation: Variation, athlete: Screen): Removal[] {
  const found: Removal[] = []
  for (const id of redFlags(athlete.flags)) {
    found.push({ rule: 'redFlag', text: `${flagFacts(id).name}: refer first, no programme.` })
  }
  for (const id of athlete.flags) {
    const flag = flagFacts(id)
    const hit = variation.hazards.filter(hazard => flag.removes.includes(hazard))
    if (hit.length > 0) found.push({ rule: 'flag', text: `${flag.name}: no ${hit.map(h => HAZARDS[h]).join(', ')}.` })
    else if (variation.fatigue > (flag.highestFatigue ?? 5)) {
      found.push({ rule: 'flag', text: `${flag.name}: only the easiest drills.` })
    }
    else if (flag.longestHoldS && variation.doses.every(dose => holdTooLong(dose, flag.longestHoldS!))) {
      found.push({ rule: 'flag', text: `${flag.name}: holds of ${flag.longestHoldS} s at most.` })
    }
  }
  if (athlete.ageYears !== null && athlete.ageYears < LOAD_AGE_YEARS
    && variation.hazards.some(hazard => hazard === 'ballistic' || hazard === 'loadedFlexion')) {
    found.push({ rule: 'age', text: `Under ${LOAD_AGE_YEARS}: technique before load and speed.` })
  }
  for (const need of variation.equipment) {
    if (!need.some(item => athlete.equipment.includes(item))) {
      found.push({ rule: 'equipment', text: `Needs equipment that is not at hand: ${need.join(' or ')}.` })
    }
  }
  if (variation.braceStep > athlete.braceStep) {
    found.push({ rule: 'braceStep', text: `Brace step ${variation.braceStep} comes first (now ${athlete.braceStep}).` })
  }
  const present = athlete.rungs[variation.ladder] ?? 1
  if (variation.rung > present) {
    found.push({ rule: 'rung', text: `Rung ${variation.rung} of its ladder; the athlete stands on ${present}.` })
  }
  for (const id of variation.prerequisites ?? []) {
    const first = athlete.catalogue.find(id)
    if (first && (athlete.rungs[first.ladder] ?? 1) < first.rung) {
      found.push({ rule: 'prerequisite', text: `${first.name} comes first.` })
    }
  }
  return found
}

/**
 * Whether a variation may be prescribed.
 *
 * @example
 * isAdmissible(findVariation('brace.low-breath'), { catalogue: STANDARD, flags: [], equipment: [], braceStep: 1, rungs: {}, ageYears: 20 }) // => true
 */
export function isAdmissible(variation: Variation, athlete: Screen): boolean {
  return removals(variation, athlete).length === 0
}

/**
 * All variations of the catalogue that may be prescribed, in catalogue order.
 *
 * @example
 * admissibleSet({ catalogue: STANDARD, flags: ['fainting'], equipment: [], braceStep: 7, rungs: {}, ageYears: 20 }).length // => 0
 */
export function admissibleSet(athlete: Screen): Variation[] {
  return athlete.catalogue.variations.filter(variation => isAdmissible(variation, athlete))
}

function holdTooLong(dose: Dose, longestS: number): boolean {
  return dose.unit === 'seconds' && dose.amount > longestS
}

/**
 * Why a dose may not be given to an athlete with these flags, or null when it may.
 *
 * @example
 * doseRemoval({ sets: 2, amount: 30, unit: 'seconds', restS: 30 }, ['backPainBending']) // => 'Back pain on bending: holds of 10 s at most.'
 */
export function doseRemoval(dose: Dose, flags: readonly HealthMark[]): string | null {
  for (const id of flags) {
    const flag = flagFacts(id)
    if (flag.longestHoldS && holdTooLong(dose, flag.longestHoldS)) {
      return `${flag.name}: holds of ${flag.longestHoldS} s at most.`
    }
  }
  return null
}
