import loadHighs, { type Highs } from 'highs'
import type { LinearSolver, SolverAnswer } from '../core/planner'

/** Model statuses of the solver, as it numbers them. */
const OPTIMAL = 7
const INFEASIBLE = 8

let loaded: Promise<Highs> | null = null

/** HiGHS as a linear solver of the core. Ready once in each thread; solving itself is synchronous. */
export async function highsSolver(): Promise<LinearSolver> {
  loaded ??= loadHighs()
  const highs = await loaded
  return ({ model, whole, start, grain, wallS }): SolverAnswer => {
    const starts = [0]
    const index: number[] = []
    const value: number[] = []
    for (const row of model.rows) {
      index.push(...row.index)
      value.push(...row.value)
      starts.push(index.length)
    }
    const finite = (n: number): number => (n === Infinity ? highs.infinity : n === -Infinity ? -highs.infinity : n)
    const { integer, continuous } = highs.constants.variableType
    // A model that is not disposed leaks its memory.
    return highs.withModel<SolverAnswer>({
      numCols: model.cost.length, numRows: model.rows.length, colCost: model.cost, colLower: model.lower,
      colUpper: model.upper.map(finite), rowLower: model.rows.map(r => finite(r.lower)),
      rowUpper: model.rows.map(r => finite(r.upper)),
      matrix: {
        format: 'csr', numRows: model.rows.length, numCols: model.cost.length, starts, indices: index, values: value,
      },
      ...(whole ? { integrality: model.integer.map(i => (i ? integer : continuous)) } : {}),
    }, (it): SolverAnswer => {
      it.options.set({
        output_flag: false, random_seed: 1, time_limit: wallS,
        ...(whole ? { mip_abs_gap: grain * 0.999, mip_rel_gap: 0 } : {}),
      })
      if (whole && start) it.setSolution({ indices: start.map((_, i) => i), values: start })
      it.run()
      const status = it.getModelStatus()
      if (status === INFEASIBLE) return { status: 'infeasible', cost: Infinity, bound: Infinity, values: [] }
      // A limit without an incumbent can look like an all-zero plan: the solver says whether what it holds is feasible.
      const feasible = Number(it.info.get('primal_solution_status')) === 2
      const cost = it.getObjectiveValue()
      const bound = whole ? Number(it.info.get('mip_dual_bound')) : cost
      return {
        status: status === OPTIMAL ? 'optimal' : 'limit', cost: feasible ? cost : Infinity,
        bound: whole ? bound : status === OPTIMAL ? cost : 0,
        values: feasible ? Array.from(it.getSolution().colValue) : [],
      }
    })
  }
}
