import { describe, expect, it } from 'vitest'
import { day, drill, week } from '../testing/smallWeek'
import type { Annealed } from './anneal'
import { columnsOf } from './columns'
import { grainOf, prove } from './prove'
import type { SolverAnswer, SolverRequest } from './solver'

const instance = week({
  bands: { AE: { low: 30, high: 40 } }, sessions: [day('mon', 0)],
  variations: [drill('hold', [1], 60, { AE: 10 }), drill('wheel', [1], 60, { AE: 20 })],
})
const { columns } = columnsOf(instance)
const found = (chosen: Annealed['chosen'], goal: number): Annealed => ({ chosen, goal, preference: 0, met: false })
const withHold = found(columns.slice(0, 1), 20)

/** What is known after a relaxation and, where it comes to that, a whole search. */
function known(relaxed: Partial<SolverAnswer>, whole: Partial<SolverAnswer>) {
  const asked: SolverRequest[] = []
  const result = prove(instance, columns, found([], 30), {
    wallS: 1, searchLonger: () => withHold,
    solver: (request) => {
      asked.push(request)
      return { status: 'optimal', cost: 0, bound: 0, values: [], ...(request.whole ? whole : relaxed) }
    },
  })
  return { ...result, ids: result.found.chosen.map(c => c.variation.id), asked }
}

describe('a proof', () => {
  it('is the relaxation’s where a longer search meets it, lifted to whole costs', () => {
    const { proof, bound, asked } = known({ bound: 19.2 }, {})
    expect([proof, bound, asked.length]).toEqual(['relaxation', 20, 1])
  })

  it('is the whole search’s otherwise, begun from the plan that was found', () => {
    const { proof, bound, asked, ids } = known({ bound: 3 }, { bound: 20 })
    expect([proof, bound, ids, asked[1]?.start]).toEqual(['search', 20, ['hold'], [1, 0]])
  })

  it('takes a plan of the solver’s that costs less when all is counted anew', () => {
    const { ids, found: { goal } } = known({ bound: 0 }, { bound: 0, values: [1, 0.999] })
    expect([ids, goal]).toEqual([['hold', 'wheel'], 0])
  })

  it.each([[[0, 0]], [[]], [[1, 0]]])('takes no plan that costs as much or is none: %j', (values) => {
    expect(known({ bound: 0 }, { bound: 0, values }).ids).toEqual(['hold'])
  })

  it('of a solver that finds no plan proves nothing, and one that ran out of time says so', () => {
    expect(known({ status: 'infeasible' }, { status: 'infeasible', bound: Infinity }).bound).toBe(0)
    expect(known({ bound: 0 }, { status: 'limit', bound: 12.5 })).toMatchObject({ walled: true, bound: 13 })
  })
})

describe('the grain of a cost', () => {
  it.each<[Parameters<typeof grainOf>[0], number]>([
    [{ bands: {} }, 1], [{ bands: { A: { low: 0, high: 1, weight: 1.5, over: 0.5 } } }, 0.5],
    [{ bands: { A: { low: 0, high: 1, weight: 4, over: 6 } } }, 2], [{ bands: {}, planes: { x: 1 } }, 30],
    [{ bands: {}, planes: { x: 1 }, keep: 2 }, 10],
    [{ bands: {}, resisting: ['A'], penalties: { resisting: 0.25 } }, 0.25],
  ])('of %j is %f', (asked, grain) => { expect(grainOf(asked)).toBeCloseTo(grain) })
})
