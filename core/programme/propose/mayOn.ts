import type { Variation } from '../../catalogue'
import type { Dose } from '../../dose'
import { policyRemoval } from '../../policy'
import { doseRemoval, isAdmissible } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'

/**
 * Whether a drill may be given on a weekday, in a dose if one is named.
 *
 * @example
 * mayOn(0, variation, null, { ...context, screen: { ...context.screen, flags: ['chestPain'] } }) // => false
 */
export function mayOn(day: number, variation: Variation, dose: Dose | null, context: PlanningContext): boolean {
  const screen = screenOn(context, day)
  return isAdmissible(variation, screen) && (dose === null || doseRemoval(dose, screen.flags) === null)
}

/**
 * Every drill that may be given on one of the days and that neither policy nor coach leaves out, in catalogue order.
 *
 * @param days weekdays of the sessions
 * @example
 * openDrills({ ...context, screen: { ...context.screen, flags: ['chestPain'] } }, [0]) // => []
 */
export function openDrills(context: PlanningContext, days: readonly number[]): Variation[] {
  const { screen: { catalogue }, rules } = context
  return catalogue.variations.filter(one =>
    !rules.never.includes(one.id) && policyRemoval(one, rules.policy) === null
    && days.some(day => mayOn(day, one, null, context))
  )
}
