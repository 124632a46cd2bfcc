import { anneal, USUAL_BUDGET, type Annealed, type AnnealBudget } from './anneal'
import { columnsOf, type Column, type Dropped } from './columns'
import { evaluatePlan, type Evaluation } from './evaluatePlan'
import { explain, type Explanation } from './explain'
import type { PlannerItem, WeekInstance } from './instance'
import { weekModel } from './model'
import type { LinearSolver } from './solver'
import { WeekState } from './state'

/** A plan with what it costs and what is known about better ones. */
export interface PlannedWeek {
  readonly plan: readonly PlannerItem[]
  readonly evaluation: Evaluation
  /** No plan costs less than this. */
  readonly bound: number
  /** Nothing better exists on the first level. */
  readonly proven: boolean
  /** How it is known: the cost is the bound from the start, the relaxation's, or the whole search's. */
  readonly proof: 'nothing is wanting' | 'relaxation' | 'search' | 'none'
  /** A wall of time stopped the proof: another machine may get further. */
  readonly walled: boolean
  readonly explanations: readonly Explanation[]
  readonly dropped: readonly Dropped[]
}

export interface PlanOptions {
  readonly solver?: LinearSolver
  readonly budget?: AnnealBudget
  /** The plan that was: the search begins there. */
  readonly start?: readonly PlannerItem[]
  /** Seconds for the whole search when all else has failed to prove. */
  readonly wallS?: number
  readonly explained?: boolean
}

const WALL_S = 3

/**
 * The best week that can be found and what is known about it. Annealing first; when something is left wanting, the
 * relaxation bounds it from below; when the two differ, the whole program is searched with the plan as its start. A
 * plan always comes back.
 *
 * @throws DomainError as `checkInstance`, which callers run first.
 * @example
 * planWeek({ actions: ['AE'], bands: { AE: { low: 5, high: 9 } }, sessions: [], variations: [], limits: {} }).evaluation.goal // => 5
 */
export function planWeek(instance: WeekInstance, options: PlanOptions = {}): PlannedWeek {
  const { solver, wallS = WALL_S } = options
  const { columns, dropped } = columnsOf(instance)
  const start = indicesOf(instance, columns, options.start ?? [])
  const grain = grainOf(instance)
  const { steps, restarts, preferenceSteps } = options.budget ?? USUAL_BUDGET
  // A short run first: most weeks have a plan that leaves nothing wanting. The longer ones are for those that do not.
  const search = (bound: number, from: readonly number[], rounds: number, seed: number): Annealed =>
    anneal(instance, columns, {
      bound, start: from, seed,
      budget: { steps: rounds === 1 ? steps : steps * 2, restarts: rounds, preferenceSteps: 0 },
    })
  let found = search(0, start, 1, 0)
  let [bound, proof, walled]: [number, PlannedWeek['proof'], boolean] = [0, 'nothing is wanting', false]
  if (found.goal > 1e-6 && solver) {
    const wanting = weekModel(instance, columns)
    const relaxed = solver({ model: wanting.model, whole: false, grain, wallS })
    // Costs are multiples of the grain: a bound between two of them lifts to the next.
    const lifted = (cost: number): number => Math.max(bound, Math.ceil((cost - 1e-6) / grain) * grain)
    if (relaxed.status === 'optimal') bound = lifted(relaxed.bound)
    proof = 'relaxation'
    found = search(bound, found.chosen, restarts - 1, 10)
    if (found.goal > bound + 1e-6) {
      proof = 'search'
      const whole = solver({
        model: wanting.model, whole: true,
        start: columns.map((_, i) => (found.chosen.includes(i) ? 1 : 0)),
        grain, wallS,
      })
      walled = whole.status === 'limit'
      // There is always a plan: a solver that finds none is wrong, and proves nothing.
      if (whole.status !== 'infeasible') bound = lifted(whole.bound)
      const chosen = whole.values.length > 0 ? columns.flatMap((_, i) => (whole.values[i]! > 0.5 ? [i] : [])) : []
      // A plan of the solver's is judged like any other: by what it costs when all is counted anew.
      const better = new WeekState(instance, columns)
      if (
        chosen.every(i => {
          const fits = columns[i]!.fixed || better.fits(i)
          if (fits) better.add(i)
          return fits
        }) && chosen.length > 0 && better.goal() < found.goal - 1e-6
      ) {
        found = { chosen, goal: better.goal(), preference: better.preference(), met: true }
      }
    }
  }
  else if (found.goal > 1e-6) found = search(0, found.chosen, restarts - 1, 10)
  if (preferenceSteps > 0)
    found = anneal(instance, columns, {
      bound: found.goal, start: found.chosen, budget: { steps: 0, restarts: 0, preferenceSteps },
    })
  const plan = planOf(instance, columns, found.chosen)
  // The plan's own figures are recomputed from the instance: the search's are not taken for granted.
  const evaluation = evaluatePlan(instance, plan)
  const proven = evaluation.goal <= bound + 1e-6
  const explanations = options.explained !== false && evaluation.relaxations.length > 0
    ? explain(
      instance, columns, dropped, evaluation,
      solver ? request => solver({ ...request, grain, wallS: 1 }) : null,
    )
    : []
  return {
    plan, evaluation, bound: proven ? evaluation.goal : bound, proven, proof: proven ? proof : 'none', walled,
    explanations, dropped,
  }
}

function planOf(instance: WeekInstance, columns: readonly Column[], chosen: readonly number[]): PlannerItem[] {
  const { sessions, variations } = instance
  return chosen.map(i => columns[i]!)
    .sort((a, b) =>
      a.session - b.session || a.slot - b.slot || (variations[a.variation]!.id < variations[b.variation]!.id ? -1 : 1)
    )
    .map(c => ({
      variation: variations[c.variation]!.id, session: sessions[c.session]!.id,
      slot: sessions[c.session]!.slots[c.slot]!.id, sets: c.dose.sets,
    }))
}

function indicesOf(instance: WeekInstance, columns: readonly Column[], plan: readonly PlannerItem[]): number[] {
  const key = (v: string, s: string, l: string, sets: number): string => `${v}/${s}/${l}/${sets}`
  const wanted = new Set(plan.map(i => key(i.variation, i.session, i.slot, i.sets)))
  return columns.flatMap((c, i) => {
    const session = instance.sessions[c.session]!
    return wanted.has(key(instance.variations[c.variation]!.id, session.id, session.slots[c.slot]!.id, c.dose.sets))
      ? [i]
      : []
  })
}

/**
 * The largest number of which all costs of a unit are multiples, down to a hundredth: doses are whole, so every goal is
 * a multiple.
 */
function grainOf({ bands, planes, keep, resisting, penalties = {} }: WeekInstance): number {
  const costs = [
    ...Object.values(bands).flatMap(b => [b.weight ?? 1, b.over ?? 1]),
    ...(planes ? [penalties.plane ?? 30] : []), ...(keep ? [penalties.keep ?? 10] : []),
    ...(resisting ? [penalties.resisting ?? 1] : []),
  ].map(c => Math.round(c * 100)).filter(c => c > 0)
  const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
  return costs.length === 0 ? 1 : costs.reduce(gcd) / 100
}
