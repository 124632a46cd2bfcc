import { describe, expect, it } from 'vitest'
import { block, present, room } from '~~/core/testing/smallRoom'
import { timetable } from '~~/core/floor'
import type { RunningFloor } from '~~/shared/floorRoom'
import { blockOf, boardBlocks, lanesOf, seated } from './floorView'

const plan = room({ cable: 2, floor: 8 }, ['A', 'B', 'C'].map(id =>
  present(id, [block(`${id}1`, 'cable', 4), block(`${id}2`, 'floor', 4)])))
const floor: RunningFloor = {
  turn: 1, ways: { coachAtOnce: 2, order: 'strict' }, timetable: timetable(plan), startedAt: 0,
  heldAt: null, done: ['B1'],
  plan: {
    room: plan,
    blocks: plan.athletes.flatMap(one => one.blocks.map(b =>
      ({ ...b, athleteId: one.id, lift: b.needs[0] === 'cable' ? 'Row' : null, items: [`${b.id}i`] }))),
  },
}
const blocks = boardBlocks(floor, id => `drill ${id}`, items => items.includes('A2i'))

describe('the board', () => {
  it('has a lane for each place that is used, with as many rows as stand there at once', () => {
    const lanes = lanesOf(blocks, floor)
    expect(lanes.map(({ name, rows }) => [name, rows.length]).sort()).toEqual([['Cable column', 2], ['Open floor', 2]])
    for (const { rows } of lanes) for (const row of rows)
      for (const [i, one] of row.entries()) if (i > 0) expect(one.start).toBeGreaterThanOrEqual(row[i - 1]!.end)
  })

  it('names what is done in a block, and knows which are done', () => {
    expect(blocks.find(one => one.id === 'A1')).toMatchObject({ what: 'Row, drill A1i', done: false })
    expect(blocks.filter(one => one.done).map(one => one.id).sort()).toEqual(['A2', 'B1'])
  })

  it('lets nobody’s key become somebody else’s while both are in sight', () => {
    const four = seated([null, null, null, null], ['A', 'B', 'C', 'D'])
    expect(four).toEqual(['A', 'B', 'C', 'D'])
    const without = seated(four, ['D', 'C', 'B'])
    expect(without).toEqual([null, 'B', 'C', 'D'])
    expect(seated(without, ['C', 'D', 'E', 'B', 'F'])).toEqual(['E', 'B', 'C', 'D'])
  })

  it('leads each to the next that is not done', () => {
    expect([blockOf(blocks, 'B')!.id, blockOf(blocks, 'C')!.id, blockOf(blocks, 'Z')]).toEqual(['B2', 'C1', null])
  })
})
