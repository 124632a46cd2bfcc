import { costOf } from '../columns'
import { DEFAULTS, type PlannerItem, type WeekInstance } from '../instance'
import { overLimits } from './limits'
import { place, sum, whereOf, type BrokenRule } from './placed'
import { outOfPlace } from './places'
import { restsBroken } from './rest'
import { wantsOf, type Relaxation } from './wants'

/** Everything a plan amounts to. */
export interface Evaluation {
  readonly broken: readonly BrokenRule[]
  /** Lifts and drills together. */
  readonly doses: Readonly<Record<string, number>>
  readonly relaxations: readonly Relaxation[]
  readonly goal: number
  readonly preference: number
}

/**
 * Recomputes every rule and cost of a plan from the instance alone, the slow and obvious way: the solver's own figures
 * are never taken for granted. What the coach has locked may stand where a place rule would forbid it; other rules
 * count it.
 *
 * @example
 * evaluatePlan({ actions: ['AE'], bands: { AE: { low: 10, high: 20 } }, sessions: [], variations: [], limits: {} }, []).goal // => 10
 */
export function evaluatePlan(instance: WeekInstance, plan: readonly PlannerItem[]): Evaluation {
  const placed = plan.map(item => place(instance, item))
  const items = placed.filter(one => one !== null)
  const unknown = plan.filter((_, i) => placed[i] === null)
  const { broken, near } = restsBroken(instance, items)
  const { doses, relaxations } = wantsOf(instance, items)
  const { previous = [], preference } = instance
  const used = new Set(items.map(i => i.variation.id))
  const fresh = previous.length > 0 ? [...used].filter(id => !previous.includes(id)).length : 0
  return {
    broken: [
      ...unknown.map(item => ({ rule: 'unknown', where: whereOf(item), by: 1 })),
      ...outOfPlace(instance, items, plan), ...overLimits(instance, items), ...broken,
    ],
    doses, relaxations, goal: sum(relaxations, r => r.cost),
    preference: sum(items, i => costOf(instance, i.variation, i.slot, i.dose))
      + (preference?.fresh ?? DEFAULTS.fresh) * fresh + (preference?.spacing ?? DEFAULTS.spacing) * near,
  }
}
