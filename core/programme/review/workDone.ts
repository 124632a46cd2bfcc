import { perAction, TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import type { Prescribed, SetLog } from '../../assessment'
import type { PlanningContext } from '../week/context'
import type { TrunkItem } from '../week/week'
import { itemFullSets } from '../worth/itemEffort'
import { meansOf } from '../worth/means'

/** A prescribed drill with all that its worth follows from. */
export type PrescribedWork = Prescribed & Pick<TrunkItem, 'slot' | 'setting' | 'rounds'>

/** Full sets by action that were asked for, and that were done. */
export interface WorkDone {
  readonly planned: PerAction
  readonly done: PerAction
}

/**
 * Asked against done, in full sets of the athlete as known now. A set of one side is half of a set of both.
 *
 * @throws DomainError `tempo` when a written one cannot be read.
 * @example
 * workDone([], [], context).done.antiRotation // => 0
 */
export function workDone(
  prescribed: readonly PrescribedWork[], logs: readonly SetLog[], context: PlanningContext,
): WorkDone {
  const [planned, done] = [perAction(0), perAction(0)]
  for (const item of prescribed) {
    const full = itemFullSets(item, context)
    for (const action of TRUNK_ACTIONS) planned[action] += full[action]
  }
  for (const log of logs) {
    const full = loggedFullSets(log, context)
    for (const action of TRUNK_ACTIONS) done[action] += full[action] ?? 0
  }
  return { planned, done }
}

function loggedFullSets(
  { variationId, amount, unit, tempo, setting, side }: SetLog, context: PlanningContext,
): Partial<PerAction> {
  const variation = context.screen.catalogue.find(variationId)
  if (!variation) return {}
  const dose = { sets: 1, amount, unit, restS: 0, ...(tempo ? { tempo } : {}) }
  const { fullSets, kind } = meansOf(context).effortOf(variation, dose, setting, side)
  if (kind !== 'work') return {}
  const part = side === null ? 1 : 0.5
  return Object.fromEntries(Object.entries(fullSets).map(([action, worth]) => [action, worth * part]))
}
