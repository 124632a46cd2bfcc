import { describe, expect, it } from 'vitest'
import { anyWeek } from '../../testing/instances'
import { day, drill, week } from '../../testing/smallWeek'
import { columnsOf } from '../columns'
import { evaluatePlan } from '../evaluate'
import { planWeek } from '../planWeek'
import { asItem } from '../columns'
import type { WeekInstance } from '../instance'
import { weekModel } from './model'

const modelOf = (instance: WeekInstance) => weekModel(instance, columnsOf(instance).columns)
const rowsOf = (instance: WeekInstance, family: string) =>
  modelOf(instance).model.rows.filter(row => row.family === family)

describe('a week as a program', () => {
  it('has a decision for every column, fixed where the coach has said so', () => {
    const locks = { keep: [{ variation: 'hold', session: 'mon', slot: 'after', sets: 2 }] }
    const { model } = modelOf(week({
      actions: [], sessions: [day('mon', 0)], locks,
      variations: [drill('hold', [1, 2], 60, {}), drill('row', [1], 60, {})],
    }))
    expect([model.lower, model.upper, model.integer, model.cost]).toEqual([
      [1, 0], [1, 1], [true, true], [0, 0],
    ])
  })

  it('counts half of the seconds in the rests of a lift', () => {
    const [minutes] = rowsOf(week({
      sessions: [day('mon', 0, { capS: 300, slots: [{ id: 'rests', paired: true }, { id: 'after' }] })],
      variations: [drill('hold', [1], 60, {})],
    }), 'minutes')
    expect(minutes).toMatchObject({ lower: -Infinity, upper: 300, index: [0, 1], value: [30, 60] })
  })

  it('lets what is locked pass a limit, and nothing on top', () => {
    const locks = {
      keep: ['mon', 'wed', 'fri'].map(session => ({ variation: 'hold', session, slot: 'after', sets: 1 })),
    }
    const [row] = rowsOf(week({
      sessions: [day('mon', 0), day('wed', 2), day('fri', 4)], variations: [drill('hold', [1], 60, {})],
      limits: { appearances: 2 }, locks,
    }), 'appearances')
    expect(row?.upper).toBe(3)
  })

  it('has one rung of a ladder in a session, and as many in a week as may be', () => {
    const rows = rowsOf(week({
      sessions: [day('mon', 0), day('thu', 3)], limits: { groupPerWeek: 3 },
      variations: [drill('low', [1], 60, {}, { group: 'g' }), drill('high', [1], 60, {}, { group: 'g' })],
    }), 'group')
    expect(rows.map(row => [row.upper, row.index])).toEqual([[1, [0, 1]], [1, [2, 3]], [3, [0, 2, 1, 3]]])
  })

  it('asks for rest only where a high dose can come', () => {
    const of = (highOver: number) =>
      rowsOf(week({
        actions: ['AE'], sessions: [day('mon', 0), day('tue', 1), day('fri', 4)],
        variations: [drill('hold', [2], 60, { AE: 10 })], limits: { highOver, restHours: 48 },
      }), 'rest')
    expect(of(20)).toEqual([])
    // High on Monday, high on Tuesday, and not both; Friday is far enough.
    expect(of(15).map(row => row.value)).toEqual([[20, -5], [20, -5], [1, 1]])
  })

  it('names the slack of every want', () => {
    const { slacks } = modelOf(week({
      actions: ['AE'], bands: { AE: { low: 1, high: 2 } }, planes: { sagittal: 1, frontal: 0 }, resisting: ['AE'],
      previous: ['x'], keep: 1,
    }))
    expect([...slacks.keys()]).toEqual([
      'keep/last week', 'short/AE', 'over/AE', 'plane/sagittal', 'resisting/resisting before making',
    ])
  })

  it('agrees with the recount: a plan’s slacks cost what it leaves wanting, and its rows hold', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const instance = { ...anyWeek(seed, 'hard', 18, 3), planes: {}, keep: 0 }
      const { columns } = columnsOf(instance)
      const { plan } = planWeek(instance, { explains: () => false })
      const { model, slacks } = weekModel(instance, columns)
      const chosen = new Set(plan.map(item => JSON.stringify(item)))
      const x = columns.map(column => Number(chosen.has(JSON.stringify(asItem(column)))))
      const sumOf = ({ index, value }: (typeof model.rows)[number]): number =>
        index.reduce((sum, i, k) => sum + (x[i] ?? 0) * (value[k] ?? 0), 0)
      for (const row of model.rows.filter(r => ['minutes', 'items', 'fatigue', 'group', 'once'].includes(r.family)))
        expect(sumOf(row), row.family).toBeLessThanOrEqual(row.upper + 1e-9)
      const wanting = model.rows.filter(row => row.family === 'wanted').reduce((cost, row) => {
        const at = [...slacks.values()].find(slack => row.index.includes(slack)) ?? -1
        const missing = Math.max(0, row.lower - sumOf(row), sumOf(row) - row.upper)
        return cost + missing * (model.cost[at] ?? NaN)
      }, 0)
      expect(wanting, `seed ${seed}`).toBeCloseTo(evaluatePlan(instance, plan).goal, 6)
    }
  })
})
