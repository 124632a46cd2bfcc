import { ACTION_FACTS, kindOf, mainAction } from '../../catalogue'
import { must } from '../../errors'
import type { PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem } from '../week/week'
import { itemFullSets, mostServed } from '../worth/itemEffort'

/**
 * Within each place: waking up, then what is fast while it is fresh, then the weak link, then what resists before what
 * makes a movement.
 *
 * @example
 * inOrder({ id: 's', day: 0, minutes: 60, lifts: [], items: [] }, context).items // => []
 */
export function inOrder(session: PlannedSession, context: PlanningContext): PlannedSession {
  // Stations follow one another as they were built: a circuit is ranked whole, by its first.
  const first = (item: TrunkItem): TrunkItem =>
    item.circuit === undefined ? item : must(session.items.find(one => one.circuit === item.circuit))
  const items = session.items
    .map((item, index) => ({ item, rank: rankOf(first(item), context), index }))
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ item }) => item)
  return { ...session, items }
}

function rankOf(item: TrunkItem, context: PlanningContext): number {
  const variation = context.screen.catalogue.find(item.variationId)
  if (!variation) return 5
  const kind = kindOf(variation)
  if (kind === 'fast') return 1
  if (kind !== 'work' || item.slot === 'activation') return 0
  const main = mostServed(itemFullSets(item, context)) ?? mainAction(variation.shares)
  if (main !== null && main === context.weakLink) return 2
  return main !== null && ACTION_FACTS[main].resists ? 3 : 4
}
