import { describe, expect, it } from 'vitest'
import { day, drill, week } from '../testing/smallWeek'
import { asItem, columnsOf, costOf, planOf, timeIn } from './columns'

const two = [day('mon', 0, { slots: [{ id: 'before' }, { id: 'after' }] }), day('wed', 2)]
const hold = drill('hold', [1, 2], 60, { AE: 10 })
const names = (instance: Parameters<typeof columnsOf>[0]): string[] =>
  columnsOf(instance).columns.map(c => `${c.place} ${c.session.id}/${c.slot.id} ${c.variation.id}x${c.dose.sets}`)

describe('columns', () => {
  it('are every dose of every drill in every place, in the order of sessions, drills, places and doses', () => {
    expect(names(week({ sessions: two, variations: [hold] }))).toEqual([
      '0 mon/before holdx1', '0 mon/before holdx2', '1 mon/after holdx1', '1 mon/after holdx2', '2 wed/after holdx1',
      '2 wed/after holdx2',
    ])
    const { columns } = columnsOf(week({ sessions: two, variations: [hold, drill('row', [3], 30, {})] }))
    expect(columns.map(c => c.index)).toEqual(columns.map((_, i) => i))
  })

  it('of a drill that is locked in a session stand there alone, and are fixed', () => {
    const locks = { keep: [{ variation: 'hold', session: 'mon', slot: 'after', sets: 2 }] }
    const { columns } = columnsOf(week({ sessions: two, variations: [hold], locks }))
    expect(columns.filter(c => c.session.id === 'mon').map(c => [c.slot.id, c.dose.sets, c.fixed]))
      .toEqual([['after', 2, true]])
    expect(columns.filter(c => c.session.id === 'wed').map(c => c.fixed)).toEqual([false, false])
  })

  it('of a dose that only stands where it is locked are not there otherwise', () => {
    const own = { ...hold, doses: hold.doses.map(dose => ({ ...dose, lockedOnly: dose.sets === 2 })) }
    expect(names(week({ sessions: [day('wed', 2)], variations: [own] }))).toEqual(['0 wed/after holdx1'])
  })

  it('of a drill that may not be given at all are none, locked or not, and the rule is told once', () => {
    const removed = { ...hold, removed: { rule: 'flag', text: 'Wrist.' } }
    const locks = { keep: [{ variation: 'hold', session: 'mon', slot: 'after', sets: 1 }] }
    expect(columnsOf(week({ sessions: two, variations: [removed], locks }))).toEqual({
      columns: [], dropped: [{ variation: 'hold', rule: 'flag', text: 'Wrist.' }],
    })
  })

  it('are a plan in the order of places and ids', () => {
    const { columns } = columnsOf(week({ sessions: two, variations: [drill('b', [1], 9, {}), drill('a', [1], 9, {})] }))
    expect(planOf([...columns].reverse()).map(item => `${item.session}/${item.slot} ${item.variation}`)).toEqual([
      'mon/before a', 'mon/before b', 'mon/after a', 'mon/after b', 'wed/after a', 'wed/after b',
    ])
    expect(columns[0] && asItem(columns[0])).toEqual({ variation: 'b', session: 'mon', slot: 'before', sets: 1 })
  })
})

describe('what a column costs and takes', () => {
  it('is the drill’s cost, its place’s, and a tenth a minute unless another price is set', () => {
    const variation = { cost: 2, slotCosts: { after: 3 } }
    expect(costOf({}, variation, { id: 'after' }, { seconds: 120 })).toBeCloseTo(5.2)
    expect(costOf({}, variation, { id: 'before' }, { seconds: 120 })).toBeCloseTo(2.2)
    expect(costOf({ preference: { minute: 0 } }, {}, { id: 'after' }, { seconds: 120 })).toBe(0)
  })

  it.each([[true, 45], [false, 90]])('is half the time in the rests of a lift: %s, %d s', (paired, s) => {
    expect(timeIn({ paired }, { seconds: 90 })).toBe(s)
  })
})
