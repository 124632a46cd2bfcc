import { TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import type { PlannerSession } from '../../planner'
import { isFixed, placeLimits, sessionItems, trunkCapS } from '../../rules'
import type { PlanningContext } from '../week/context'
import { itemActionSeconds, liftActionSeconds } from '../week/ledger'
import { layOutSession, liftDurationS } from '../week/sessionLayout'
import type { PlannedSession } from '../week/week'
import { slotId } from './plannerPlaces'

/** Seconds by action, whole ones above zero. */
export const whole = (seconds: PerAction): Record<string, number> =>
  Object.fromEntries(
    TRUNK_ACTIONS.flatMap(action => (Math.round(seconds[action]) > 0 ? [[action, Math.round(seconds[action])]] : [])),
  )

/** A session as the planner knows it: its room, its places, and what lifts and fixed work already give. */
export function plannerSession(session: PlannedSession, context: PlanningContext): PlannerSession {
  const liftsS = session.lifts.reduce((sum, lift) => sum + liftDurationS(lift), 0)
  const lifts: Record<string, number> = {}
  for (const lift of session.lifts)
    for (const [action, s] of Object.entries(whole(liftActionSeconds(lift)))) lifts[action] = (lifts[action] ?? 0) + s
  const fixed = session.items.filter(isFixed)
  const fixedS = layOutSession({ ...session, items: fixed }, context.screen.catalogue).trunkS
    + 60 * ((session.warmUpMinutes ?? 0) + (session.coolDownMinutes ?? 0))
  for (const item of fixed)
    for (const [action, s] of Object.entries(whole(itemActionSeconds(item, context.screen.catalogue))))
      lifts[action] = (lifts[action] ?? 0) + s
  // What the coach keeps has room, whatever kind of day it is.
  const keptS =
    layOutSession(
      { ...session, items: session.items.filter(item => item.kept === true && !isFixed(item)) },
      context.screen.catalogue,
    ).trunkS
  const limit = placeLimits(session)
  return {
    id: session.id, day: session.day,
    // Half of a paired second is rounded up in the layout: spare seconds for each lift.
    capS: Math.max(0, Math.floor(session.minutes * 60 - liftsS - fixedS - 2 * session.lifts.length)),
    workCapS: Math.max(trunkCapS(session.day, context.seasonDays), keptS),
    items: sessionItems.value, lifts,
    slots: [
      { id: 'activation', items: limit.activation },
      ...session.lifts.flatMap(lift => (['paired', 'inside'] as const).map(slot =>
        ({ id: slotId({ slot, pairedWith: lift.id }), items: limit[slot], paired: true, capS: liftDurationS(lift) }))),
      { id: 'after', items: limit.after }, { id: 'finisher', items: limit.finisher },
    ],
  }
}
