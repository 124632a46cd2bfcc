import type { Variation } from '../catalogue'
import type { Dose } from '../dose'
import { LIGHT_LOAD, type BlockWeek } from './block'
import type { Policy } from './lines'

/** Steps along a block (common practice, no source; load 2-10 %, ACSM 2009 position stand). */
export const BLOCK_STEP = { reps: 2, seconds: 5, breaths: 1, metres: 5, letters: 2 } as const
const LOAD_STEP = 1.05
const MOST_SETS = 6

/** Last week's dose taken on, and what else to do when the gate is met. */
export interface NextDose {
  readonly dose: Dose
  /** Load to add, as a factor; 1: none. */
  readonly loadFactor: number
  /** The gate is met: the next rung is due, which a coach decides. */
  readonly gateMet: boolean
}

/**
 * The dose after one that was held: repeats or seconds up to the gate's amount, then sets up to the gate's sets, then
 * load (5 %) or the word that the next rung is due, by what the policy grows first. A lighter week takes a third of the
 * sets away.
 *
 * @param held false when a set broke before its amount last time: the dose stays
 * @example
 * nextDose(findVariation('front-plank.elbows'), { sets: 2, amount: 20, unit: 'seconds', restS: 30 }, DEFAULT_POLICY, null, true).dose.amount // => 25
 */
export function nextDose(
  variation: Variation, last: Dose, policy: Policy, week: BlockWeek | null, held: boolean,
): NextDose {
  const { gate } = variation
  const gateMet = last.sets >= gate.sets && last.amount >= gate.amount
  const stay = { dose: last, loadFactor: 1, gateMet }
  if (week && week.load < LIGHT_LOAD)
    return { ...stay, dose: { ...last, sets: Math.max(1, Math.round(last.sets * 2 / 3)) } }
  if (!held) return stay
  if (last.amount < gate.amount)
    return { ...stay, dose: { ...last, amount: Math.min(gate.amount, last.amount + BLOCK_STEP[last.unit]) } }
  if (policy.progress === 'load' && variation.settings.includes('loadKg')) return { ...stay, loadFactor: LOAD_STEP }
  if (last.sets < gate.sets) return { ...stay, dose: { ...last, sets: last.sets + 1 } }
  if (policy.progress === 'time' && last.sets < MOST_SETS && last.unit === 'seconds')
    return { ...stay, dose: { ...last, sets: last.sets + 1 } }
  return stay
}
