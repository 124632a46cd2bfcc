import { addDays, mondayOf, type IsoDay } from '../../calendar'
import { TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import type { SetLog } from '../../assessment'
import type { PlanningContext } from '../week/context'
import type { PlannedLift } from '../week/week'
import { liftFullSets } from '../worth/liftFullSets'
import { workDone } from './workDone'

/** Weeks that are looked at. */
const WEEKS = 3

const total = (of: PerAction): number => TRUNK_ACTIONS.reduce((sum, action) => sum + of[action], 0)

/**
 * Most full sets that one of the last three weeks held: drills as they were done, and the lifts of the sessions in
 * which something was done. Null where nothing was logged in them: nothing is known.
 *
 * @param sessions with their lifts, as they were assigned
 * @param startsOn the Monday of the week that follows them
 * @example
 * bestLately([], [], '2026-03-02', context) // => null
 */
export function bestLately(
  sessions: readonly { readonly day: IsoDay, readonly lifts: readonly PlannedLift[] }[], logs: readonly SetLog[],
  startsOn: IsoDay, context: PlanningContext,
): number | null {
  const weeks = Array.from({ length: WEEKS }, (_, i) => addDays(startsOn, -7 * (i + 1)))
  const held = weeks.flatMap((monday) => {
    const own = logs.filter(log => mondayOf(log.day) === monday)
    if (own.length === 0) return []
    const trained = new Set(own.map(log => log.day))
    const lifts = sessions.filter(session => trained.has(session.day)).flatMap(session => session.lifts)
    return [total(workDone([], own, context).done) + lifts.reduce((sum, lift) => sum + total(liftFullSets(lift)), 0)]
  })
  return held.length === 0 ? null : Math.max(...held)
}
