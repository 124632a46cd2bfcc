import { TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import type { PlannerSession } from '../../planner'
import { isFixed, isHeavyAxial, placeLimits, trunkCapS } from '../../rules'
import type { PlanningContext } from '../week/context'
import { layOutSession, liftDurationS } from '../week/sessionLayout'
import type { PlannedSession, TrunkItem } from '../week/week'
import { itemFullSets } from '../worth/itemEffort'
import { liftFullSets } from '../worth/liftFullSets'
import { slotId } from './plannerPlaces'
import { WAKE_UP_S } from './wakeUp'

/** The planner counts in hundredths of a full set. */
export const GRAIN = 100
/** Work items of a session. */
const MOST_ITEMS = 4
/** What is left of the week's trunk work where it is short, minutes: a base's weeks, a season's, and lighter ones. */
const TRUNK_MINUTES = { full: 70, inSeason: 42, taper: 34 } as const
/** Sessions that share them: any more come on top of the week. */
const MOST_SHARING = 4

/**
 * Full sets by action in hundredths, whole ones above zero.
 *
 * @example
 * hundredths({ antiRotation: 0.5 }) // => { antiRotation: 50 }
 */
export const hundredths = (of: Partial<PerAction>): Record<string, number> =>
  Object.fromEntries(TRUNK_ACTIONS.flatMap((action) => {
    const worth = Math.round((of[action] ?? 0) * GRAIN)
    return worth > 0 ? [[action, worth]] : []
  }))

/**
 * What stands outside the search: fixed work, and what the coach keeps before the lifts, where the search puts nothing
 * but fast work.
 *
 * @example
 * standsOutside({ ...item, slot: 'home' }) // => true
 */
export const standsOutside = (item: TrunkItem): boolean =>
  isFixed(item) || (item.kept === true && item.slot === 'activation')

/** A session as the planner knows it: its room, its places, and what lifts and fixed work already give. */
export function plannerSession(session: PlannedSession, context: PlanningContext, sessions: number): PlannerSession {
  const { catalogue } = context.screen
  const liftsS = session.lifts.reduce((sum, lift) => sum + liftDurationS(lift), 0)
  const outside = session.items.filter(standsOutside)
  const outsideS = layOutSession({ ...session, items: outside }, catalogue).trunkS
    + 60 * ((session.warmUpMinutes ?? 0) + (session.coolDownMinutes ?? 0))
  const lifts: Record<string, number> = {}
  for (const given of [...session.lifts.map(liftFullSets), ...outside.map(item => itemFullSets(item, context))]) {
    for (const [action, worth] of Object.entries(hundredths(given)))
      lifts[action] = (lifts[action] ?? 0) + worth
  }
  const kept = session.items.filter(item => item.kept === true && !standsOutside(item))
  const woken = outside.filter(item => item.slot === 'activation').length
  const wakeUpS = session.lifts.some(isHeavyAxial) && woken === 0 ? WAKE_UP_S : 0
  const limit = placeLimits(session)
  return {
    id: session.id, day: session.day,
    // Half of a paired second is rounded up in the layout: spare seconds for each lift.
    capS: Math.max(0, Math.floor(session.minutes * 60 - liftsS - outsideS - wakeUpS - 2 * session.lifts.length)),
    // What the coach keeps has room, whatever kind of day it is.
    workCapS: Math.max(
      workCapS(session, context, sessions) - wakeUpS, layOutSession({ ...session, items: kept }, catalogue).trunkS,
    ),
    items: MOST_ITEMS, lifts,
    slots: [
      { id: 'activation', items: Math.max(0, limit.activation - Math.max(1, woken)) },
      ...session.lifts.flatMap(lift => (['paired', 'inside'] as const).map(slot =>
        ({ id: slotId({ slot, pairedWith: lift.id }), items: limit[slot], paired: true, capS: liftDurationS(lift) }))),
      { id: 'after', items: limit.after }, { id: 'finisher', items: limit.finisher },
    ],
  }
}

/** Seconds of trunk work that a session may hold: its day's, and its share of the week's. */
function workCapS({ day }: PlannedSession, { rules, seasonDays }: PlanningContext, sessions: number): number {
  const phase = rules.block?.phase
  const minutes = phase === 'inSeason'
    ? TRUNK_MINUTES.inSeason
    : phase === 'taper' || phase === 'transition' ? TRUNK_MINUTES.taper : TRUNK_MINUTES.full
  const share = Math.floor(minutes * 60 / Math.max(1, Math.min(MOST_SHARING, sessions)))
  return Math.min(trunkCapS(day, seasonDays), share)
}
