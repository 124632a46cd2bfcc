import type { PlannerDose, PlannerItem, PlannerSession, PlannerSlot, PlannerVariation, WeekInstance } from '../instance'

/** An item of a plan with everything it names. */
export interface Placed {
  readonly item: PlannerItem
  readonly variation: PlannerVariation
  readonly session: PlannerSession
  readonly slot: PlannerSlot
  readonly dose: PlannerDose
}

/** A hard rule that a plan breaks. */
export interface BrokenRule {
  readonly rule: string
  readonly where: string
  readonly by: number
}

/** The sum of one figure over a list. */
export const sum = <T>(list: readonly T[], of: (one: T) => number): number =>
  list.reduce((total, one) => total + of(one), 0)

/** Where an item stands, for a coach to find it. */
export const whereOf = ({ session, slot, variation }: PlannerItem): string => `${session}/${slot}/${variation}`

/** Whether two items are one drill in one place in one dose. */
export const isSame = (a: PlannerItem, b: PlannerItem): boolean => whereOf(a) === whereOf(b) && a.sets === b.sets

/** The items of a plan; one that names what is not there is null. */
export function place(instance: WeekInstance, item: PlannerItem): Placed | null {
  const variation = instance.variations.find(v => v.id === item.variation)
  const session = instance.sessions.find(s => s.id === item.session)
  const slot = session?.slots.find(s => s.id === item.slot)
  const dose = variation?.doses.find(d => d.sets === item.sets)
  return variation && session && slot && dose ? { item, variation, session, slot, dose } : null
}
