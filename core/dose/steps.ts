import type { Dose, DoseUnit } from './dose'

/** Amounts are prescribed, dragged and stepped by so much (common practice, no source). */
export const AMOUNT_STEP: Readonly<Record<DoseUnit, number>> = {
  seconds: 5, reps: 1, breaths: 1, metres: 5, letters: 1,
}
const [MOST_SETS, MOST_AMOUNT] = [10, 600]

/**
 * A dose one step up or down in its own unit: 5 s, 1 rep, 5 m … never below one step.
 *
 * @example
 * stepDose({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, 1).amount // => 15
 */
export function stepDose(dose: Dose, step: 1 | -1): Dose {
  const by = AMOUNT_STEP[dose.unit]
  return { ...dose, amount: Math.min(MOST_AMOUNT, Math.max(by, dose.amount + step * by)) }
}

/**
 * A dose with one set more or fewer, 1-10.
 *
 * @example
 * stepSets({ sets: 1, amount: 10, unit: 'seconds', restS: 5 }, -1).sets // => 1
 */
export function stepSets(dose: Dose, step: 1 | -1): Dose {
  return { ...dose, sets: Math.min(MOST_SETS, Math.max(1, dose.sets + step)) }
}
