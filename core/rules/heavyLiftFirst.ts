import { must } from '../errors'
import { liftFacts } from '../programme/lifts/lifts'
import type { PlannedLift } from '../programme/week/week'
import type { PlaceAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** A load from which an axial lift is heavy, % of 1RM, and the fatigue class from which a drill is tiring. */
export const HEAVY_PERCENT = 75
export const FATIGUING = 3

/**
 * Whether a planned lift is heavy and loads the spine along its length.
 *
 * @example
 * isHeavyAxial({ id: 'a', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 82 }) // => true
 */
export function isHeavyAxial(planned: PlannedLift): boolean {
  return liftFacts(planned.lift).axial && planned.percent1Rm >= HEAVY_PERCENT
}

/** No tiring trunk set before a heavy axial lift; a coach whose athlete's weak link is the trunk may overrule it. */
export const heavyLiftFirst: Rule<'beforeHeavyLift', { percent: number, fatigue: number }, PlaceAsked> = {
  id: 'beforeHeavyLift', scope: 'place', severity: 'warn', title: 'Heavy axial lift before fatigue',
  source: COMMON_PRACTICE,
  value: { percent: HEAVY_PERCENT, fatigue: FATIGUING },
  breaks: ({ item, variation, session }) => {
    if (item.slot === 'home' || variation.fatigue < FATIGUING) return []
    const last = session.lifts.reduce((found, lift, index) => (isHeavyAxial(lift) ? index : found), -1)
    const at = session.lifts.findIndex(lift => lift.id === item.pairedWith)
    const before = item.slot === 'activation' || (item.pairedWith !== null && at >= 0 && at <= last)
    return last >= 0 && before
      ? [`Fatiguing before the heavy ${liftFacts(must(session.lifts[last]).lift).name.toLowerCase()}.`]
      : []
  },
}
