import { describe, expect, it } from 'vitest'
import { anyWeek } from '../testing/instances'
import { day, drill, week } from '../testing/smallWeek'
import { anneal } from './anneal'
import { columnsOf } from './columns'

const instance = week({
  bands: { AE: { low: 40, high: 50 } }, sessions: [day('mon', 0), day('thu', 3)],
  variations: [drill('hold', [1, 2], 60, { AE: 10 }, { cost: 5 }), drill('wheel', [2], 60, { AE: 10 })],
})
const { columns } = columnsOf(instance)
const budget = { steps: 2000, restarts: 2, preferenceSteps: 0 }

describe('annealing', () => {
  it('stops when it meets the bound', () => {
    expect(anneal(instance, columns, { bound: 0, budget })).toMatchObject({ goal: 0, met: true })
  })

  it('likes among plans as good the one that costs least', () => {
    const found = anneal(instance, columns, { bound: 0, budget: { ...budget, preferenceSteps: 2000 } })
    expect([found.goal, found.chosen.map(c => c.variation.id)]).toEqual([0, ['wheel', 'wheel']])
  })

  it('keeps what is fixed, whatever it costs', () => {
    const locks = { keep: [{ variation: 'hold', session: 'thu', slot: 'after', sets: 1 }] }
    const locked = { ...instance, locks }
    const found = anneal(locked, columnsOf(locked).columns, { bound: 0, budget: { ...budget, preferenceSteps: 500 } })
    expect(found.chosen.some(c => c.fixed && c.variation.id === 'hold')).toBe(true)
  })

  it('gives its columns in their order, the same ones for the same seed', () => {
    const one = anyWeek(11, 'tight', 30, 3)
    const all = columnsOf(one).columns
    const of = (seed: number): number[] => anneal(one, all, { bound: 0, budget, seed }).chosen.map(c => c.index)
    expect(of(1)).toEqual([...of(1)].sort((a, b) => a - b))
    expect(of(1)).toEqual(of(1))
  })

  it('has nothing to do where there is no column', () => {
    expect(anneal(instance, [], { bound: 0, budget })).toMatchObject({ chosen: [], goal: 40, met: false })
  })
})
