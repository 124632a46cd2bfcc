import { mainAction, TRUNK_ACTIONS, type Variation } from '../../catalogue'
import { itemConflicts, type Conflict } from '../../rules'
import { admissibleSet, doseRemoval, type HealthMark } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'
import { itemActionSeconds } from '../week/ledger'
import type { PlannedSession, TrunkItem } from '../week/week'

/** A drill that may stand in for an item, and what the swap costs. */
export interface Alternative {
  readonly variation: Variation
  readonly item: TrunkItem
  /** Change of seconds for the action the first drill was mostly for. */
  readonly changeS: number
  /** Rules it would break at this place; an admissible one all the same. */
  readonly conflicts: readonly Conflict[]
}

/**
 * Admissible stand-ins for an item at its place, nearest in what they train first.
 *
 * @example
 * alternatives(item, session, context).every(a => a.variation.id !== item.variationId) // => true
 */
export function alternatives(item: TrunkItem, session: PlannedSession, context: PlanningContext): Alternative[] {
  const now = itemActionSeconds(item, context.screen.catalogue)
  const main = TRUNK_ACTIONS.reduce((best, action) => (now[action] > now[best] ? action : best))
  const others = session.items.filter(other => other.id !== item.id)
  const screen = screenOn(context, session.day)
  return admissibleSet(screen)
    .filter(variation => variation.id !== item.variationId && !others.some(other => other.variationId === variation.id))
    .flatMap((variation) => {
      const dose = nearestDose(variation, item, context, screen.flags)
      if (!dose) return []
      const stand: TrunkItem = {
        ...item,
        variationId: variation.id,
        dose,
        extraSetSide: variation.sides === 'each' ? item.extraSetSide : null,
        setting: {},
        why: 'Chosen by the coach.',
      }
      const then = itemActionSeconds(stand, context.screen.catalogue)
      const distanceS = TRUNK_ACTIONS.reduce((sum, action) => sum + Math.abs(then[action] - now[action]), 0)
      const conflicts = itemConflicts(stand, { ...session, items: [...others, stand] }, context)
      const rank = distanceS + (mainAction(variation.shares) === main ? 0 : 200) + conflicts.length * 1000
      return [{ variation, item: stand, changeS: then[main] - now[main], conflicts, rank }]
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ variation, item: stand, changeS, conflicts }) => ({ variation, item: stand, changeS, conflicts }))
}

/** The dose of a drill that comes nearest to the item's time under tension, among those the flags allow. */
function nearestDose(
  variation: Variation, item: TrunkItem, context: PlanningContext, flags: readonly HealthMark[],
): TrunkItem['dose'] | null {
  const total = (of: Pick<TrunkItem, 'variationId' | 'dose' | 'extraSetSide'>): number =>
    TRUNK_ACTIONS.reduce((sum, action) => sum + itemActionSeconds(of, context.screen.catalogue)[action], 0)
  const wantedS = total(item)
  const allowed = variation.doses.filter(dose => !doseRemoval(dose, flags))
  return allowed.length === 0
    ? null
    : allowed.reduce((best, dose) => {
        const off = (d: typeof dose): number =>
          Math.abs(total({ variationId: variation.id, dose: d, extraSetSide: null }) - wantedS)
        return off(dose) < off(best) ? dose : best
      })
}
