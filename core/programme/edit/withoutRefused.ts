import { same } from '../../merge'
import type { TrunkItem, WeekPlan } from '../week/week'

/**
 * The week without drills that would not be stored as they stand: each as it is stored, or left out where it is not.
 * A drill that was changed since is not the one that was refused.
 *
 * @example
 * withoutRefused({ sessions: [] }, [], { sessions: [] }) // => { sessions: [] }
 */
export function withoutRefused(plan: WeekPlan, refused: readonly TrunkItem[], stored: WeekPlan): WeekPlan {
  if (refused.length === 0) return plan
  const storedIn = (sessionId: string, itemId: string): TrunkItem[] =>
    stored.sessions.find(s => s.id === sessionId)?.items.filter(i => i.id === itemId) ?? []
  return {
    ...plan,
    sessions: plan.sessions.map(session => ({
      ...session,
      items: session.items.flatMap(item =>
        (refused.some(one => same(one, item)) ? storedIn(session.id, item.id) : [item])),
    })),
  }
}
