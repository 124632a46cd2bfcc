import { anneal, USUAL_BUDGET, type Annealed, type AnnealBudget } from './anneal'
import { asItem, columnsOf, planOf, type Column, type Dropped } from './columns'
import { evaluatePlan, type Evaluation, type Relaxation } from './evaluate'
import { explain, type Explanation } from './explain'
import type { PlannerItem, WeekInstance } from './instance'
import { grainOf, NEAR, prove, type Known } from './prove'
import type { LinearSolver } from './solver'

/** A plan with what it costs and what is known about better ones. */
export interface PlannedWeek {
  readonly plan: readonly PlannerItem[]
  readonly evaluation: Evaluation
  /** No plan costs less than this. */
  readonly bound: number
  /** Nothing better exists on the first level. */
  readonly proven: boolean
  /** How it is known: the cost is the bound from the start, the relaxation's, or the whole search's. */
  readonly proof: Known['proof'] | 'none'
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
  readonly walls?: Walls
  /** What is explained of what is wanting; all of it where not given. Each takes many small searches. */
  readonly explains?: (relaxation: Relaxation) => boolean
}

/**
 * Seconds at which a solver is stopped: in the whole search when all else has failed to prove, and in each why. 0: the
 * relaxation says what it can, and no why is looked into that cannot be seen without a solver.
 */
export interface Walls {
  readonly searchS: number
  readonly explainS: number
}

/** Somebody waits for one week. */
const USUAL_WALLS: Walls = { searchS: 3, explainS: 1 }

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
  const { solver, walls = USUAL_WALLS } = options
  const { columns, dropped } = columnsOf(instance)
  const { found, bound, proof, walled } = hunt(instance, columns, options)
  const plan = planOf(found.chosen)
  // The plan's own figures are recomputed from the instance: the search's are not taken for granted.
  const evaluation = evaluatePlan(instance, plan)
  const proven = evaluation.goal <= bound + NEAR
  const asked = evaluation.relaxations.filter(options.explains ?? (() => true))
  const grain = grainOf(instance)
  return {
    plan, evaluation, bound: proven ? evaluation.goal : bound, proven, proof: proven ? proof : 'none', walled, dropped,
    explanations: explain(
      instance, columns, dropped, { ...evaluation, relaxations: asked },
      solver && walls.explainS > 0 ? request => solver({ ...request, grain, wallS: walls.explainS }) : null,
    ),
  }
}

/** The search on both levels. A short run first: most weeks have a plan that leaves nothing wanting. */
function hunt(instance: WeekInstance, columns: readonly Column[], options: PlanOptions): Known {
  const { solver, walls = USUAL_WALLS } = options
  const { steps, restarts, preferenceSteps } = options.budget ?? USUAL_BUDGET
  const first = anneal(instance, columns, {
    bound: 0, start: columnsAt(columns, options.start ?? []), seed: 0,
    budget: { steps, restarts: 1, preferenceSteps: 0 },
  })
  const searchLonger = (bound: number): Annealed =>
    anneal(instance, columns, {
      bound, start: first.chosen, seed: 10,
      budget: { steps: steps * 2, restarts: restarts - 1, preferenceSteps: 0 },
    })
  const known: Known = first.goal <= NEAR
    ? { found: first, bound: 0, proof: 'nothing is wanting', walled: false }
    : solver
    ? prove(instance, columns, first, { solver, wallS: walls.searchS, searchLonger })
    : { found: searchLonger(0), bound: 0, proof: 'nothing is wanting', walled: false }
  if (preferenceSteps === 0) return known
  const { goal, chosen } = known.found
  return {
    ...known,
    found: anneal(instance, columns, {
      bound: goal, start: chosen, budget: { steps: 0, restarts: 0, preferenceSteps },
    }),
  }
}

/** Columns of a plan; what has none is left out. */
function columnsAt(columns: readonly Column[], plan: readonly PlannerItem[]): Column[] {
  const key = (item: PlannerItem): string => `${item.variation}/${item.session}/${item.slot}/${item.sets}`
  const wanted = new Set(plan.map(key))
  return columns.filter(column => wanted.has(key(asItem(column))))
}
