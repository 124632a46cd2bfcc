import { beforeAll, describe, expect, it } from 'vitest'
import { timetable } from '../core/floor'
import type { LinearSolver } from '../core/planner'
import { floorModel } from '../core/testing/floorModel'
import { aRoom } from '../core/testing/rooms'
import { block, present, room } from '../core/testing/smallRoom'
import { highsSolver } from './highs'

let solver: LinearSolver
beforeAll(async () => { solver = await highsSolver() })

const canEndBy = (one: Parameters<typeof floorModel>[0], end: number): string =>
  solver({ model: floorModel(one, end), whole: true, grain: 1, wallS: 60 }).status

describe('a floor timetable against a general solver', () => {
  it('the solver knows the rooms worked by hand', () => {
    const column = room({ column: 1 }, [4, 6, 8].map((ticks, i) => present(`${i}`, [block(`b${i}`, 'column', ticks)])))
    expect([17, 18].map(end => canEndBy(column, end))).toEqual(['infeasible', 'optimal'])
    const apart = room({ wall: 2, lane: 2 }, [
      present('A', [block('a', 'wall', 6)]), present('B', [block('b', 'lane', 4)]),
    ], { apart: [['wall', 'lane']] })
    expect([9, 10].map(end => canEndBy(apart, end))).toEqual(['infeasible', 'optimal'])
  })

  it('no small room can end sooner: coach, order, moves, partners, what is kept apart', () => {
    for (let seed = 300; seed < 324; seed++) {
      const small = aRoom(seed, 5)
      const brief = {
        ...small, athletes: small.athletes.map(one => ({
          ...one, blocks: one.blocks.slice(0, 3).map(b => ({ ...b, ticks: Math.ceil(b.ticks / 3) })),
        })),
      }
      const { end, bound, left } = timetable(brief)
      expect([seed, left, canEndBy(brief, end)]).toEqual([seed, [], 'optimal'])
      if (end > bound.end) expect([seed, canEndBy(brief, end - 1)]).toEqual([seed, 'infeasible'])
    }
  })
})
