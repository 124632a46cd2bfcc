import { WEEKDAYS } from '../calendar'
import { ACTION_FACTS, perAction, TRUNK_ACTIONS, type PerAction, type TrunkAction } from '../catalogue'
import { itemFullSets } from '../programme/worth/itemEffort'
import type { PlannedSession } from '../programme/week/week'
import { isFixed, type BrokenAt, type WeekAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Hours between two high doses of one action, and full sets by drills in one session above which a dose is high. */
const value = { hours: 48, highOver: 2.2 } as const
const DAY_H = 24
const HUNDREDTHS = 100
const isHigh = (hundredths: number): boolean => hundredths > Math.round(value.highOver * HUNDREDTHS)

export const restBetweenHighDoses: Rule<'rest', typeof value, WeekAsked, BrokenAt> = {
  id: 'rest', scope: 'week', severity: 'warn', title: `${value.hours} h between high doses of one action`, value,
  source: COMMON_PRACTICE,
  breaks: ({ plan, context }) => {
    const high = plan.sessions.map(session => ({
      session,
      doses: dosesOf(session, item => itemFullSets(item, context)),
    }))
    return high.flatMap(({ session, doses }, i) =>
      TRUNK_ACTIONS.filter(action => isHigh(doses.sum[action])).flatMap((action): BrokenAt[] => {
        const near = high.slice(0, i).find(other =>
          isHigh(other.doses.sum[action]) && Math.abs(session.day - other.session.day) * DAY_H < value.hours
        )
        if (!near) return []
        const text = `A high dose of ${ACTION_FACTS[action].label} less than ${value.hours} h after the one on ${
          WEEKDAYS[near.session.day]
        }.`
        return [{ sessionId: session.id, itemId: doses.largest[action], text }]
      })
    )
  },
}

/** Full sets of each action by drills, in hundredths as the planner counts them, and the item that gives most of it. */
function dosesOf(
  session: PlannedSession,
  setsOf: (item: PlannedSession['items'][number]) => PerAction,
): { sum: PerAction, largest: Record<TrunkAction, string | null> } {
  const sum = perAction(0)
  const most = perAction(0)
  const largest = Object.fromEntries(TRUNK_ACTIONS.map(action => [action, null])) as Record<TrunkAction, string | null>
  for (const item of session.items.filter(one => !isFixed(one))) {
    const given = setsOf(item)
    for (const action of TRUNK_ACTIONS) {
      sum[action] += Math.round(given[action] * HUNDREDTHS)
      if (given[action] > most[action]) [most[action], largest[action]] = [given[action], item.id]
    }
  }
  return { sum, largest }
}
