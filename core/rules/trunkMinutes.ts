import type { PlanningContext } from '../programme/week/context'
import { layOutSession } from '../programme/week/sessionLayout'
import type { SeasonDayKind } from '../season/instance'
import { isFixed, type BrokenAt, type SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Seconds of trunk work beside the lifts, by the season's kind of day; a day of no kind is a high one. */
const value: Readonly<Record<SeasonDayKind, number>> = {
  off: 0, activation: 5 * 60, low: 8 * 60, moderate: 14 * 60, high: 20 * 60,
}

/**
 * Seconds of trunk work a day takes at most.
 *
 * @example
 * trunkCapS(0, null) // => 1200
 */
export function trunkCapS(day: number, seasonDays: PlanningContext['seasonDays']): number {
  return value[seasonDays?.[day] ?? 'high']
}

export const trunkMinutes: Rule<'trunkMinutes', typeof value, SessionAsked, BrokenAt> = {
  id: 'trunkMinutes', scope: 'session', severity: 'warn', title: 'Trunk work takes only so many minutes of a day',
  value, source: COMMON_PRACTICE,
  breaks: ({ session, context }) => {
    const own = { ...session, items: session.items.filter(item => !isFixed(item)) }
    const mostS = trunkCapS(session.day, context.seasonDays)
    const { trunkS } = layOutSession(own, context.screen.catalogue)
    // A free day says of each drill that it is free: the minutes add nothing to that.
    return mostS > 0 && trunkS > mostS
      ? [{
        sessionId: session.id, itemId: null,
        text: `${Math.ceil(trunkS / 60)} min of trunk work: ${Math.round(mostS / 60)} are the most for such a day.`,
      }]
      : []
  },
}
