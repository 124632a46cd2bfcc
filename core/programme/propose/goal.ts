import { ACTION_FACTS, mainAction, TRUNK_ACTIONS, type Variation } from '../../catalogue'
import type { PlanningContext } from '../week/context'
import { liftFacts } from '../lifts/lifts'

/**
 * Ladders that lead to an athlete's goal: the goal drill's own with those its rungs ask for first, and for a lift the
 * ladders that resist what the lift asks most of the trunk, with work inside lifts.
 *
 * @example
 * [...goalLadders({ ...context, goal: { variationId: 'side-plank.band-push', lift: null } })] // => ['side-plank', 'press-out']
 */
export function goalLadders(
  { goal, screen: { catalogue } }: Pick<PlanningContext, 'goal' | 'screen'>,
): ReadonlySet<string> {
  const found = new Set<string>()
  const follow = (variation: Variation | undefined): void => {
    if (!variation) return
    found.add(variation.ladder)
    for (const id of variation.prerequisites ?? []) {
      const before = catalogue.find(id)
      if (before && !found.has(before.ladder)) follow(before)
    }
  }
  if (goal.variationId) follow(catalogue.find(goal.variationId))
  if (goal.lift) {
    const { shares } = liftFacts(goal.lift)
    const most = TRUNK_ACTIONS.reduce((best, action) => ((shares[action] ?? 0) > (shares[best] ?? 0) ? action : best))
    found.add('inside-lift')
    for (const ladder of catalogue.ladders) {
      if (
        ACTION_FACTS[most].resists
        && ladder.rungs.filter(rung => mainAction(rung.shares) === most).length * 2 >= ladder.rungs.length
      ) found.add(ladder.id)
    }
  }
  return found
}
