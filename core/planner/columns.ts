import {
  DEFAULTS, type PlannerDose, type PlannerItem, type PlannerSession, type PlannerSlot, type PlannerVariation,
  type WeekInstance,
} from './instance'
import { forbidden } from './places'

/** One way to place one dose of one variation: a decision of yes or no. */
export interface Column {
  /** Its number among the columns. */
  readonly index: number
  readonly variation: PlannerVariation
  readonly session: PlannerSession
  readonly slot: PlannerSlot
  /** Number of the slot in the week, sessions in their order. */
  readonly place: number
  readonly dose: PlannerDose
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
  let first = 0
  for (const session of instance.sessions) {
    for (const variation of instance.variations) {
      if (variation.removed) {
        drop(variation.id, variation.removed.rule, variation.removed.text)
        continue
      }
      // A variation that is locked in a session stands there once, as it is locked.
      const here = locked.filter(item => item.variation === variation.id && item.session === session.id)
      session.slots.forEach((slot, l) => {
        for (const dose of variation.doses) {
          const fixed = here.some(item => item.slot === slot.id && item.sets === dose.sets)
          if ((here.length > 0 || dose.lockedOnly) && !fixed) continue
          const why = fixed ? null : forbidden(instance, session, slot, variation, dose)
          if (why) drop(variation.id, why.rule, why.text)
          else {
            columns.push({
              index: columns.length, variation, session, slot, place: first + l, dose, fixed,
              cost: costOf(instance, variation, slot, dose),
            })
          }
        }
      })
    }
    first += session.slots.length
  }
  return { columns, dropped: [...dropped.values()] }
}

/**
 * Cost of an appearance on the second level.
 *
 * @example
 * costOf({}, { cost: 1, slotCosts: { after: 2 } }, { id: 'after' }, { seconds: 120 }) // => 3.2
 */
export function costOf(
  { preference }: Pick<WeekInstance, 'preference'>, variation: Pick<PlannerVariation, 'cost' | 'slotCosts'>,
  slot: Pick<PlannerSlot, 'id'>, dose: Pick<PlannerDose, 'seconds'>,
): number {
  return (variation.cost ?? 0) + (variation.slotCosts?.[slot.id] ?? 0)
    + (preference?.minute ?? DEFAULTS.minute) * dose.seconds / 60
}

/**
 * Seconds that a dose takes in a place: half of them where it runs in the rests of a lift.
 *
 * @example
 * timeIn({ paired: true }, { seconds: 90 }) // => 45
 */
export const timeIn = (slot: Pick<PlannerSlot, 'paired'>, dose: Pick<PlannerDose, 'seconds'>): number =>
  (slot.paired ? 0.5 : 1) * dose.seconds

/**
 * Chosen columns as a plan, in the order of sessions, slots and ids.
 *
 * @example
 * planOf([]) // => []
 */
export function planOf(chosen: readonly Column[]): PlannerItem[] {
  return [...chosen].sort((a, b) => a.place - b.place || (a.variation.id < b.variation.id ? -1 : 1)).map(asItem)
}

/**
 * A column as an item of a plan.
 *
 * @example
 * asItem({ variation: { id: 'v' }, session: { id: 's' }, slot: { id: 'after' }, dose: { sets: 2 } }).sets // => 2
 */
export const asItem = ({ variation, session, slot, dose }: Column): PlannerItem => ({
  variation: variation.id, session: session.id, slot: slot.id, sets: dose.sets,
})
