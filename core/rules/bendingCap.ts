import type { Variation } from '../catalogue'
import type { Dose } from '../dose'
import { bendingCapOf } from '../policy'
import { isFixed, type BrokenAt, type WeekAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Share from which a drill bends the trunk as its work. */
const BENDS = 0.5

/**
 * Bending cycles of a dose: repeats of a drill that bends the trunk as its work and does not hold it.
 *
 * @example
 * bendingCycles(findVariation('flexion.crunch'), { sets: 3, amount: 12, unit: 'reps', restS: 30 }) // => 36
 */
export function bendingCycles(
  { mode, shares, sides }: Pick<Variation, 'mode' | 'shares' | 'sides'>,
  { sets, amount, unit }: Dose,
): number {
  if (unit !== 'reps' || mode === 'isometric' || !((shares.flexion ?? 0) >= BENDS)) return 0
  return sets * amount * (sides === 'each' ? 2 : 1)
}

/** Bending cycles of a week, as the coach caps them. */
export const bendingCap: Rule<'bendingCap', typeof bendingCapOf, WeekAsked, BrokenAt> = {
  id: 'bendingCap', scope: 'week', severity: 'warn', title: 'Bending cycles under the cap', value: bendingCapOf,
  source: COMMON_PRACTICE,
  breaks: ({ plan, context: { screen: { catalogue }, rules } }) => {
    const cap = bendingCapOf(rules.policy)
    let cycles = 0
    return plan.sessions.flatMap(session =>
      session.items.filter(item => !isFixed(item)).flatMap((item): BrokenAt[] => {
        const variation = catalogue.find(item.variationId)
        const own = variation ? bendingCycles(variation, item.dose) : 0
        cycles += own
        return own > 0 && cycles > cap
          ? [{
            sessionId: session.id, itemId: item.id,
            text: `${cycles} bending cycles with this one; ${cap} a week are the cap.`,
          }]
          : []
      })
    )
  },
}
