import { kindOf, mainAction, TRUNK_ACTIONS, type PerAction, type Variation } from '../../catalogue'
import { must } from '../../errors'
import { itemConflicts, type Conflict } from '../../rules'
import { admissibleSet, doseRemoval, type HealthMark } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem } from '../week/week'
import { itemFullSets, mostServed } from '../worth/itemEffort'
import { meansOf } from '../worth/means'

/** A drill that may stand in for an item, and what the swap costs. */
export interface Alternative {
  readonly variation: Variation
  readonly item: TrunkItem
  /** Change of full sets for the action the first drill was mostly for. */
  readonly change: number
  /** Rules it would break at this place; an admissible one all the same. */
  readonly conflicts: readonly Conflict[]
}

/** What counts against a stand-in beside full sets: another main action, a broken rule, a rung left or another kind. */
const [OTHER_ACTION, BROKEN, LEFT_BEHIND] = [4, 20, 6]

/**
 * Admissible stand-ins for an item at its place, nearest in what they are worth to the athlete first, each with the
 * setting and the amount that make it work.
 *
 * @example
 * alternatives(item, session, context).every(a => a.variation.id !== item.variationId) // => true
 */
export function alternatives(item: TrunkItem, session: PlannedSession, context: PlanningContext): Alternative[] {
  const { find } = context.screen.catalogue
  const now = itemFullSets(item, context)
  const first = find(item.variationId)
  const kind = first && kindOf(first)
  const main = mostServed(now) ?? mainAction(first?.shares ?? {})
  const others = session.items.filter(other => other.id !== item.id)
  const screen = screenOn(context, session.day)
  return admissibleSet(screen)
    .filter(variation => variation.id !== item.variationId && !others.some(other => other.variationId === variation.id))
    .flatMap((variation) => {
      const stand = standIn(variation, item, now, context, screen.flags)
      if (!stand) return []
      const then = itemFullSets(stand, context)
      const distance = TRUNK_ACTIONS.reduce((sum, action) => sum + Math.abs(then[action] - now[action]), 0)
      const conflicts = itemConflicts(stand, { ...session, items: [...others, stand] }, context)
      const rank = distance + (mainAction(variation.shares) === main ? 0 : OTHER_ACTION) + conflicts.length * BROKEN
        + (isLeftBehind(variation, context) ? LEFT_BEHIND : 0) + (kindOf(variation) === kind ? 0 : LEFT_BEHIND)
      return [{ variation, item: stand, change: main ? then[main] - now[main] : 0, conflicts, rank }]
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ variation, item: stand, change, conflicts }) => ({ variation, item: stand, change, conflicts }))
}

const isLeftBehind = ({ branch, rung }: Variation, { screen: { rungs } }: PlanningContext): boolean =>
  rung < (rungs[branch] ?? 1) - 1

/** A drill in the item's place: as it is prescribed, in as many sets as come nearest; else in its own lightest dose. */
function standIn(
  variation: Variation, item: TrunkItem, now: PerAction, context: PlanningContext, flags: readonly HealthMark[],
): TrunkItem | null {
  const means = meansOf(context)
  const found = isLeftBehind(variation, context) ? null : means.prescribed(variation)
  const [least, most] = means.landing.sets
  const doses = found
    ? Array.from({ length: most - least + 1 }, (_, i) => ({ ...found.dose, sets: least + i }))
    : variation.doses
  const stands = doses.filter(dose => !doseRemoval(dose, flags)).map((dose): TrunkItem => ({
    ...item, variationId: variation.id, dose, setting: found?.setting ?? means.usualSetting(variation),
    extraSetSide: variation.sides === 'each' ? item.extraSetSide : null, why: 'Chosen by the coach.',
  }))
  const total = (worth: PerAction): number => TRUNK_ACTIONS.reduce((sum, action) => sum + worth[action], 0)
  const off = (one: TrunkItem): number => Math.abs(total(itemFullSets(one, context)) - total(now))
  return stands.length === 0 ? null : stands.reduce((best, one) => (off(one) < off(best) ? one : must(best)))
}
