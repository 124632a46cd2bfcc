import type { PlannerItem, WeekInstance } from '../instance'
import { isSame, whereOf, type BrokenRule, type Placed } from './placed'

/** Rules that a single item breaks where it stands; what the coach has locked may stand anywhere. */
// eslint-disable-next-line complexity -- a list of rules, each a line of its own
function misplaced({ item, variation, session, slot }: Placed, { locks }: WeekInstance): string[] {
  const removed = variation.removed ? [variation.removed.rule] : []
  if (locks?.keep?.some(kept => isSame(kept, item))) return removed
  const only = locks?.only?.[variation.id]
  const not = variation.not?.find(place =>
    place.session === session.id && place.slot === slot.id && (place.sets ?? item.sets) === item.sets
  )
  return [
    ...removed, ...(locks?.never?.includes(variation.id) ? ['lock'] : []),
    ...(only && !only.includes(slot.id) ? ['lock'] : []), ...(not ? [not.rule] : []),
    ...(variation.slots && !variation.slots.includes(slot.id) ? ['slot'] : []),
  ]
}

/** Items that stand where they may not, and what the coach has locked that does not stand. */
export function outOfPlace(
  instance: WeekInstance, items: readonly Placed[], plan: readonly PlannerItem[],
): BrokenRule[] {
  const missing = (instance.locks?.keep ?? []).filter(kept =>
    !plan.some(item => isSame(kept, item)) && !instance.variations.find(v => v.id === kept.variation)?.removed
  )
  return [
    ...items.flatMap(placed => misplaced(placed, instance).map(rule => ({ rule, where: whereOf(placed.item), by: 1 }))),
    ...missing.map(kept => ({ rule: 'lock', where: whereOf(kept), by: 1 })),
  ]
}
