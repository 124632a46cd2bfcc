import type { Dose } from '../dose'
import { flagFacts } from '../screening/marks'
import type { HealthMark } from '../screening/restrictions'
import { COMMON_PRACTICE, type Rule } from './rule'

/**
 * Whether a dose holds longer than so many seconds.
 *
 * @example
 * holdsTooLong({ sets: 2, amount: 30, unit: 'seconds', restS: 30 }, 10) // => true
 */
export function holdsTooLong(dose: Dose, longestS: number): boolean {
  return dose.unit === 'seconds' && dose.amount > longestS
}

/** A flag may keep holds short. */
export const holdLength: Rule<'dose', null, { readonly dose: Dose, readonly flags: readonly HealthMark[] }> = {
  id: 'dose', scope: 'dose', severity: 'stop', title: 'Holds no longer than a flag allows', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ dose, flags }) =>
    flags.flatMap((mark) => {
      const { name, longestHoldS } = flagFacts(mark)
      return longestHoldS && holdsTooLong(dose, longestHoldS) ? [`${name}: holds of ${longestHoldS} s at most.`] : []
    }),
}
