import type { PlannedLift, PlannedSession, Slot, TrunkItem, WeekPlan } from '../week/week'

/** A slot of a session; paired ones name their lift. */
export interface Place {
  readonly slot: Slot
  readonly pairedWith: string | null
}

/**
 * The places of a session in the order of its line: activation, beside and inside each lift, after, finisher, at home.
 *
 * @example
 * placesOf({ id: 's', day: 0, minutes: 30, lifts: [], items: [] }).map(p => p.slot) // => ['activation', 'after', 'finisher', 'home']
 */
export function placesOf(session: PlannedSession): Place[] {
  return [
    { slot: 'activation', pairedWith: null },
    ...session.lifts.flatMap((
      { id },
    ) => [{ slot: 'paired' as const, pairedWith: id }, { slot: 'inside' as const, pairedWith: id }]),
    { slot: 'after', pairedWith: null },
    { slot: 'finisher', pairedWith: null },
    { slot: 'home', pairedWith: null },
  ]
}

const samePlace = (a: Place, b: Place): boolean => a.slot === b.slot && a.pairedWith === b.pairedWith

/**
 * The session and item with this id, if the week holds it.
 *
 * @example
 * findItem({ sessions: [] }, 'x') // => null
 */
export function findItem(plan: WeekPlan, itemId: string): { session: PlannedSession, item: TrunkItem } | null {
  for (const session of plan.sessions) {
    const item = session.items.find(i => i.id === itemId)
    if (item) return { session, item }
  }
  return null
}

/**
 * The week with one session changed.
 *
 * @example
 * changeSession({ sessions: [] }, 'x', s => s) // => { sessions: [] }
 */
export function changeSession(
  plan: WeekPlan, sessionId: string, change: (session: PlannedSession) => PlannedSession,
): WeekPlan {
  return { ...plan, sessions: plan.sessions.map(session => (session.id === sessionId ? change(session) : session)) }
}

/**
 * The week with one item changed where it stands.
 *
 * @example
 * changeItem({ sessions: [] }, 'x', i => i) // => { sessions: [] }
 */
export function changeItem(plan: WeekPlan, itemId: string, change: (item: TrunkItem) => TrunkItem): WeekPlan {
  return {
    ...plan,
    sessions: plan.sessions.map(s => (s.items.some(i => i.id === itemId)
      ? { ...s, items: s.items.map(i => (i.id === itemId ? change(i) : i)) }
      : s)),
  }
}

/**
 * The week without an item.
 *
 * @example
 * removeItem({ sessions: [] }, 'x') // => { sessions: [] }
 */
export function removeItem(plan: WeekPlan, itemId: string): WeekPlan {
  return {
    ...plan,
    sessions: plan.sessions.map(s => (s.items.some(i => i.id === itemId)
      ? { ...s, items: s.items.filter(i => i.id !== itemId) }
      : s)),
  }
}

/**
 * The week with an item added at the end of its place.
 *
 * @example
 * addItem({ sessions: [] }, 'x', item) // => { sessions: [] }
 */
export function addItem(plan: WeekPlan, sessionId: string, item: TrunkItem): WeekPlan {
  return changeSession(plan, sessionId, session => ({ ...session, items: [...session.items, item] }))
}

/**
 * The week with an item moved to a place, last in it. A place that is not in the session becomes "after".
 *
 * @example
 * moveItem({ sessions: [] }, 'x', 's', { slot: 'after', pairedWith: null }) // => { sessions: [] }
 */
export function moveItem(plan: WeekPlan, itemId: string, toSessionId: string, place: Place): WeekPlan {
  const found = findItem(plan, itemId)
  const target = plan.sessions.find(session => session.id === toSessionId)
  if (!found || !target) return plan
  const known = placesOf(target).some(p => samePlace(p, place))
  const moved = { ...found.item, ...(known ? place : { slot: 'after' as const, pairedWith: null }) }
  return addItem(removeItem(plan, itemId), toSessionId, moved)
}

/**
 * Nudges an item one step along its session: past its neighbour in the same place, else to the next place.
 * At either end of the line nothing changes.
 *
 * @example
 * nudgeItem({ sessions: [] }, 'x', 1) // => { sessions: [] }
 */
export function nudgeItem(plan: WeekPlan, itemId: string, step: 1 | -1): WeekPlan {
  const found = findItem(plan, itemId)
  if (!found) return plan
  const { session, item } = found
  const neighbours = session.items.filter(i => samePlace(i, item))
  const neighbour = neighbours[neighbours.indexOf(item) + step]
  if (neighbour) {
    return changeSession(plan, session.id, s => ({
      ...s,
      items: s.items.map(i => (i === item ? neighbour : i === neighbour ? item : i)),
    }))
  }
  const places = placesOf(session)
  const next = places[places.findIndex(place => samePlace(place, item)) + step]
  if (!next) return plan
  const moved = { ...item, ...next }
  const rest = session.items.filter(i => i !== item)
  // Moving along, it comes first in the next place; moving back, last in the one before.
  return changeSession(plan, session.id, s => ({ ...s, items: step === 1 ? [moved, ...rest] : [...rest, moved] }))
}

/**
 * Moves an item to the session before or after, keeping its slot; paired work lands after the lifts.
 *
 * @example
 * moveToNeighbour({ sessions: [] }, 'x', 1) // => { sessions: [] }
 */
export function moveToNeighbour(plan: WeekPlan, itemId: string, step: 1 | -1): WeekPlan {
  const found = findItem(plan, itemId)
  if (!found) return plan
  const target = plan.sessions[plan.sessions.indexOf(found.session) + step]
  if (!target) return plan
  const slot = found.item.pairedWith === null ? found.item.slot : 'after'
  return moveItem(plan, itemId, target.id, { slot, pairedWith: null })
}

/**
 * The week with a lift put in a session, replacing the one with its id or added last.
 *
 * @example
 * putLift({ sessions: [] }, 's', lift) // => { sessions: [] }
 */
export function putLift(plan: WeekPlan, sessionId: string, lift: PlannedLift): WeekPlan {
  return changeSession(plan, sessionId, s => ({
    ...s,
    lifts: s.lifts.some(l => l.id === lift.id) ? s.lifts.map(l => (l.id === lift.id ? lift : l)) : [...s.lifts, lift],
  }))
}

/**
 * The week without a lift; work paired with it goes after the lifts.
 *
 * @example
 * removeLift({ sessions: [] }, 's', 'l') // => { sessions: [] }
 */
export function removeLift(plan: WeekPlan, sessionId: string, liftId: string): WeekPlan {
  return changeSession(plan, sessionId, s => ({
    ...s,
    lifts: s.lifts.filter(l => l.id !== liftId),
    items: s.items.map(i => (i.pairedWith === liftId ? { ...i, slot: 'after', pairedWith: null } : i)),
  }))
}

/**
 * The week with a session added, in the order of its days.
 *
 * @example
 * addSession({ sessions: [] }, { id: 's', day: 2, minutes: 30, lifts: [], items: [] }).sessions.length // => 1
 */
export function addSession(plan: WeekPlan, session: PlannedSession): WeekPlan {
  return { ...plan, sessions: [...plan.sessions, session].sort((a, b) => a.day - b.day) }
}

/**
 * The week without a session and all that is in it.
 *
 * @example
 * removeSession({ sessions: [] }, 's') // => { sessions: [] }
 */
export function removeSession(plan: WeekPlan, sessionId: string): WeekPlan {
  return { ...plan, sessions: plan.sessions.filter(session => session.id !== sessionId) }
}

/**
 * The lifts of another week without its trunk work, as a start for a new one.
 *
 * @example
 * liftsOnly({ sessions: [] }) // => { sessions: [] }
 */
export function liftsOnly(plan: WeekPlan): WeekPlan {
  return { sessions: plan.sessions.map(session => ({ ...session, items: [] })) }
}
