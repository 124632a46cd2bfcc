import type { PlannedSession, Slot, TrunkItem } from '../week/week'

/** Every drill serves it: the wish that no session goes without trunk work, told like a plane. */
export const EXPOSURE = 'exposure'

/** A place as the planner names it: the slot, and the lift it goes with. */
export const slotId = (
  { slot, pairedWith }: { slot: Slot, pairedWith: string | null },
): string => (pairedWith === null ? slot : `${slot}:${pairedWith}`)

/** A place as the week names it. */
export const placeOf = (id: string): { slot: Slot, pairedWith: string | null } => {
  const at = id.indexOf(':')
  return at < 0
    ? { slot: id as Slot, pairedWith: null }
    : { slot: id.slice(0, at) as Slot, pairedWith: id.slice(at + 1) }
}

/** The place of an item; one whose lift is gone counts after the lifts. */
export function slotOf(item: TrunkItem, session: PlannedSession): string {
  return item.pairedWith === null || session.lifts.some(lift => lift.id === item.pairedWith) ? slotId(item) : 'after'
}
