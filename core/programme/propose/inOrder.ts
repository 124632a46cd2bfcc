import { must } from '../../errors'
import { ACTION_FACTS, TRUNK_ACTIONS } from '../../catalogue'
import type { PlanningContext } from '../week/context'
import { itemActionSeconds } from '../week/ledger'
import type { PlannedSession } from '../week/week'

/**
 * Resisting before making within each slot; the weak link first of all, while it is fresh.
 *
 * @example
 * inOrder({ id: 's', day: 0, minutes: 60, lifts: [], items: [] }, context).items // => []
 */
export function inOrder(session: PlannedSession, context: PlanningContext): PlannedSession {
  const rank = (variationId: string, index: number): number => {
    const gain = itemActionSeconds(
      { variationId, dose: must(session.items[index]).dose, extraSetSide: null },
      context.screen.catalogue,
    )
    const main = TRUNK_ACTIONS.reduce((best, a) => (gain[a] > gain[best] ? a : best))
    if (main === context.weakLink) return 0
    return ACTION_FACTS[main].resists ? 1 : 2
  }
  // Stations follow one another as they were built: a circuit is ranked whole, by its first.
  const first = (index: number): number => {
    const { circuit } = must(session.items[index])
    return circuit === undefined ? index : session.items.findIndex(one => one.circuit === circuit)
  }
  const items = session.items
    .map((item, index) => ({ item, rank: rank(must(session.items[first(index)]).variationId, first(index)), index }))
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ item }) => item)
  return { ...session, items }
}
