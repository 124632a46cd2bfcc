import type { LinearModel } from './model'

/** What a linear solver is asked. Walls are only walls: a solver stopped by one says `limit`. */
export interface SolverRequest {
  readonly model: LinearModel
  /** False: the relaxation, whose cost bounds the true one from below. */
  readonly whole: boolean
  /** Values of all variables to start from. */
  readonly start?: readonly number[]
  /** Costs are multiples of this: a gap below it is none. */
  readonly grain: number
  readonly wallS: number
}

export interface SolverAnswer {
  readonly status: 'optimal' | 'infeasible' | 'limit'
  /** Best known, and what no plan can be below. */
  readonly cost: number
  readonly bound: number
  /** Empty when nothing was found. */
  readonly values: readonly number[]
}

/** An adapter around a solver package. */
export type LinearSolver = (request: SolverRequest) => SolverAnswer
