import type { Annealed } from './anneal'
import type { Column } from './columns'
import type { WeekInstance } from './instance'
import { weekModel } from './model'
import type { LinearSolver, SolverAnswer } from './solver'
import { WeekState } from './state'

/** A week as found, and what is known about better ones. */
export interface Known {
  readonly found: Annealed
  /** No plan costs less than this. */
  readonly bound: number
  /** How it is known: the cost is the bound from the start, the relaxation's, or the whole search's. */
  readonly proof: 'nothing is wanting' | 'relaxation' | 'search'
  /** A wall of time stopped the proof: another machine may get further. */
  readonly walled: boolean
}

/** Costs nearer than this are the same. */
export const NEAR = 1e-6
/** A relaxation takes a hundredth of a second: this is only a wall against hanging. */
const RELAXED_WALL_S = 3

/**
 * What a solver can say of a week that leaves something wanting: the relaxation bounds it from below; when the two
 * differ still after a longer search, the whole program is searched with the plan as its start.
 *
 * @param wallS seconds for the whole search; 0: there is none, and what the relaxation leaves open stays open
 * @param searchLonger annealing again, with the bound to stop at
 * @example
 * prove({ actions: [], bands: {}, sessions: [], variations: [], limits: {} }, [], { goal: 5 }, { solver: () => ({ status: 'optimal', bound: 4.2 }), wallS: 1, searchLonger: () => ({ goal: 5 }) }).bound // => 5
 */
export function prove(
  instance: WeekInstance, columns: readonly Column[], first: Annealed,
  { solver, wallS, searchLonger }: {
    readonly solver: LinearSolver
    readonly wallS: number
    readonly searchLonger: (bound: number) => Annealed
  },
): Known {
  const { model } = weekModel(instance, columns)
  const grain = grainOf(instance)
  // Costs are multiples of the grain: a bound between two of them lifts to the next.
  const lifted = (cost: number): number => Math.max(0, Math.ceil((cost - NEAR) / grain) * grain)
  const relaxed = solver({ model, whole: false, grain, wallS: RELAXED_WALL_S })
  const bound = relaxed.status === 'optimal' ? lifted(relaxed.bound) : 0
  const found = searchLonger(bound)
  if (found.goal <= bound + NEAR) return { found, bound, proof: 'relaxation', walled: false }
  if (wallS === 0) return { found, bound, proof: 'relaxation', walled: true }
  const whole = solver({
    model, whole: true,
    start: columns.map(column => (found.chosen.includes(column) ? 1 : 0)),
    grain, wallS,
  })
  return {
    found: better(instance, columns, whole, found) ?? found, proof: 'search', walled: whole.status === 'limit',
    // There is always a plan: a solver that finds none is wrong, and proves nothing.
    bound: whole.status === 'infeasible' ? bound : Math.max(bound, lifted(whole.bound)),
  }
}

/** The solver's plan where it is one and costs less when all is counted anew: it is judged like any other. */
function better(
  instance: WeekInstance, columns: readonly Column[], { values }: SolverAnswer, found: Annealed,
): Annealed | null {
  const chosen = columns.filter(({ index }) => (values[index] ?? 0) > 0.5)
  const state = new WeekState(instance, columns)
  for (const { index, fixed } of chosen) {
    const place = state.places[index]
    if (!place || !(fixed || state.fits(place))) return null
    state.add(place)
  }
  return chosen.length > 0 && state.goal() < found.goal - NEAR
    ? { chosen, goal: state.goal(), preference: state.preference(), met: true }
    : null
}

/**
 * The largest number of which all costs of a unit are multiples, down to a hundredth: doses are whole, so every goal is
 * a multiple.
 *
 * @example
 * grainOf({ bands: { AE: { low: 1, high: 2, weight: 1.5 } } }) // => 0.5
 */
export function grainOf(
  { bands, planes, keep, resisting, penalties = {} }: Pick<
    WeekInstance,
    'bands' | 'planes' | 'keep' | 'resisting' | 'penalties'
  >,
): number {
  const costs = [
    ...Object.values(bands).flatMap(b => [b.weight ?? 1, b.over ?? 1]),
    ...(planes ? [penalties.plane ?? 30] : []), ...(keep ? [penalties.keep ?? 10] : []),
    ...(resisting ? [penalties.resisting ?? 1] : []),
  ].map(c => Math.round(c * 100)).filter(c => c > 0)
  const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
  return costs.length === 0 ? 1 : costs.reduce(gcd) / 100
}
