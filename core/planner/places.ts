import type { PlannerDose, PlannerSession, PlannerSlot, PlannerVariation, WeekInstance } from './instance'

/** Why a drill may not stand in a place. */
interface Forbidden {
  readonly rule: string
  readonly text: string
}

/**
 * The rule that takes a place away from a dose of a variation, or null.
 *
 * @example
 * forbidden({}, { id: 's', capS: 60 }, { id: 'after' }, { id: 'v' }, { seconds: 90 }).rule // => 'minutes'
 */
export function forbidden(
  { locks }: Pick<WeekInstance, 'locks'>, session: PlannerSession, slot: PlannerSlot, variation: PlannerVariation,
  dose: PlannerDose,
): Forbidden | null {
  return byTheCoach(locks, slot, variation)
    ?? byItsOwn(session, slot, variation, dose)
    ?? byRoom(session, slot, dose)
}

function byTheCoach(locks: WeekInstance['locks'], slot: PlannerSlot, variation: PlannerVariation): Forbidden | null {
  if (locks?.never?.includes(variation.id)) return { rule: 'lock', text: 'The coach has taken this drill out.' }
  const only = locks?.only?.[variation.id]
  return only && !only.includes(slot.id)
    ? { rule: 'lock', text: `The coach keeps it to: ${only.join(', ')}.` }
    : null
}

function byItsOwn(
  session: PlannerSession, slot: PlannerSlot, variation: PlannerVariation, dose: PlannerDose,
): Forbidden | null {
  const never = variation.not?.find(place =>
    place.session === session.id && place.slot === slot.id && (place.sets ?? dose.sets) === dose.sets
  )
  if (never) return { rule: never.rule, text: never.text }
  if (variation.slots && !variation.slots.includes(slot.id))
    return { rule: 'slot', text: 'It does not suit the place.' }
  return null
}

function byRoom(session: PlannerSession, slot: PlannerSlot, dose: PlannerDose): Forbidden | null {
  if (dose.fatigue > (slot.fatigue ?? Infinity)) return { rule: 'fatigue', text: 'Too tiring for the place.' }
  if ((slot.paired ? dose.seconds / 2 : dose.seconds) > session.capS)
    return { rule: 'minutes', text: 'Longer than the session allows.' }
  if (dose.seconds > (slot.capS ?? Infinity)) return { rule: 'minutes', text: 'Longer than the place allows.' }
  return null
}
