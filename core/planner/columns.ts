import {
  DEFAULTS, type PlannerDose, type PlannerSession, type PlannerSlot, type PlannerVariation, type WeekInstance,
} from './instance'

/** One way to place one dose of one variation: a decision of yes or no. */
export interface Column {
  readonly variation: number
  readonly session: number
  readonly slot: number
  readonly dose: PlannerDose
  /** Dose by action, in the order of the instance. */
  readonly demand: readonly number[]
  readonly cost: number
  /** The coach has said: here. */
  readonly fixed: boolean
}

/** What a rule takes away before anything is chosen, kept for explanations. */
export interface Dropped {
  readonly variation: string
  readonly rule: string
  readonly text: string
}

/**
 * The columns of an instance, in the order of sessions, variations, slots and doses, and what was dropped by which
 * rule. A place the coach has locked is there whatever a rule says of it, but for a drill that may not be given at all.
 *
 * @example
 * columnsOf({ actions: ['AE'], bands: {}, sessions: [], variations: [], limits: {} }).columns // => []
 */
export function columnsOf(instance: WeekInstance): { columns: Column[], dropped: Dropped[] } {
  const dropped = new Map<string, Dropped>()
  const columns: Column[] = []
  const drop = (variation: string, rule: string, text: string): void => {
    dropped.set(`${variation}/${rule}/${text}`, { variation, rule, text })
  }
  const locked = instance.locks?.keep ?? []
  instance.sessions.forEach((session, s) => {
    instance.variations.forEach((variation, v) => {
      if (variation.removed) {
        drop(variation.id, variation.removed.rule, variation.removed.text)
        return
      }
      session.slots.forEach((slot, l) => {
        const here = locked.filter(item => item.variation === variation.id && item.session === session.id)
        for (const dose of variation.doses) {
          const fixed = here.some(item => item.slot === slot.id && item.sets === dose.sets)
          // A variation that is locked in a session stands there once, as it is locked.
          if ((here.length > 0 || dose.lockedOnly) && !fixed) continue
          const why = fixed ? null : forbidden(instance, session, slot, variation, dose)
          if (why) drop(variation.id, why[0], why[1])
          else {
            columns.push({
              variation: v, session: s, slot: l, dose, fixed,
              demand: instance.actions.map(action => dose.demand[action] ?? 0),
              cost: (variation.cost ?? 0) + (variation.slotCosts?.[slot.id] ?? 0)
                + (instance.preference?.minute ?? DEFAULTS.minute) * dose.seconds / 60,
            })
          }
        }
      })
    })
  })
  return { columns, dropped: [...dropped.values()] }
}

/** The rule that takes a place away, or null. */
function forbidden(
  { locks }: WeekInstance, session: PlannerSession, slot: PlannerSlot, variation: PlannerVariation, dose: PlannerDose,
): readonly [rule: string, text: string] | null {
  if (locks?.never?.includes(variation.id)) return ['lock', 'The coach has taken this drill out.']
  const only = locks?.only?.[variation.id]
  if (only && !only.includes(slot.id)) return ['lock', `The coach keeps it to: ${only.join(', ')}.`]
  const never = variation.not?.find(place =>
    place.session === session.id && place.slot === slot.id && (place.sets ?? dose.sets) === dose.sets
  )
  if (never) return [never.rule, never.text]
  if (variation.slots && !variation.slots.includes(slot.id)) return ['slot', 'It does not suit the place.']
  if (slot.fatigue !== undefined && dose.fatigue > slot.fatigue) return ['fatigue', 'Too tiring for the place.']
  const seconds = slot.paired ? dose.seconds / 2 : dose.seconds
  if (seconds > session.capS) return ['minutes', 'Longer than the session allows.']
  if (slot.capS !== undefined && dose.seconds > slot.capS) return ['minutes', 'Longer than the place allows.']
  return null
}
