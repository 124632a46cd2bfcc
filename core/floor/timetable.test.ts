import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aRoom } from '../testing/rooms'
import { allTimetables, block, present, room } from '../testing/smallRoom'
import { checkTimetable, timetable } from './index'

const starts = (answer: ReturnType<typeof timetable>): Record<string, number> =>
  Object.fromEntries(answer.placed.map(one => [one.block, one.start]))

describe('rooms worked by hand', () => {
  it('three athletes on one column for 2, 3 and 4 minutes: 9', () => {
    const answer = timetable(room({ column: 1 }, [4, 6, 8].map((ticks, i) =>
      present(`${i}`, [block(`b${i}`, 'column', ticks)]))))
    expect(answer).toMatchObject({
      end: 18, proven: true, bound: { end: 18, because: { kind: 'place', id: 'column' } },
    })
  })

  it('column 3 then bench 2, and column 2 then bench 3, one of each: 7; in any order 5', () => {
    const people = (order: 'strict' | 'loose') => [
      present('A', [block('a1', 'column', 6), block('a2', 'bench', 4)], { order }),
      present('B', [block('b1', 'column', 4), block('b2', 'bench', 6)], { order }),
    ]
    const both = (['strict', 'loose'] as const).map(order => timetable(room({ column: 1, bench: 1 }, people(order))))
    expect(both.map(({ end, proven }) => [end, proven])).toEqual([[14, true], [10, true]])
  })

  it('four blocks of 4 minutes that the coach watches: 16 when one at a time, 8 when two', () => {
    const watched = [0, 1, 2, 3].map(i => present(`${i}`, [block(`b${i}`, 'floor', 8, { watched: true })]))
    const ends = [1, 2].map(atOnce => timetable(room({ floor: 8 }, watched, { coach: { atOnce } })))
    expect(ends.map(({ end, proven, bound }) => [end, proven, bound.because?.kind]))
      .toEqual([[32, true, 'coach'], [16, true, 'coach']])
  })

  it('four blocks of 4 minutes and three places: whole blocks, so 8 and not 16 over 3', () => {
    const answer = timetable(room({ floor: 3 }, [0, 1, 2, 3].map(i => present(`${i}`, [block(`b${i}`, 'floor', 8)]))))
    expect([answer.end, answer.proven]).toEqual([16, true])
  })

  it('throws and carries are not at the same time', () => {
    const two = [present('A', [block('a', 'wall', 6)]), present('B', [block('b', 'lane', 4)])]
    const answers = [[], [['wall', 'lane']]].map(apart =>
      timetable(room({ wall: 2, lane: 2 }, two, { apart: apart as [string, string][] })))
    expect(answers.map(({ end }) => end)).toEqual([6, 10])
  })

  it('a partner is somebody who is free meanwhile, and there', () => {
    const helped = block('a', 'floor', 6, { partner: true })
    const alone = timetable(room({ floor: 4 }, [present('A', [helped])]))
    expect([alone.left, alone.proven]).toEqual([['a'], false])
    const two = timetable(room({ floor: 4 }, [present('A', [helped]), present('B', [block('b', 'rack', 4)])], {
      places: [{ id: 'floor', atOnce: 4 }, { id: 'rack', atOnce: 1 }],
    }))
    expect([two.end, two.placed.find(one => one.block === 'a')?.helper]).toEqual([10, 'B'])
    const late = timetable(room({ floor: 4 }, [present('A', [helped]), present('B', [], { from: 3 })]))
    expect(starts(late)).toEqual({ a: 3 })
  })

  it('a walk between two places takes its half-minute, none within one', () => {
    const both = (second: string) => timetable(room({ floor: 2, rack: 1 }, [
      present('A', [block('a', 'floor', 4), block('b', second, 4)]),
    ], { moveTicks: 1 })).end
    expect([both('floor'), both('rack')]).toEqual([8, 9])
  })

  it('a place that is closed for a time is waited for, and one closed for good is said', () => {
    const narrow = (to: number) => timetable(room({}, [present('A', [block('a', 'rack', 4)])], {
      places: [{ id: 'rack', atOnce: 1, narrow: [{ from: 0, to, atOnce: 0 }] }],
    }))
    expect(starts(narrow(5))).toEqual({ a: 5 })
    expect(narrow(2880).left).toEqual(['a'])
  })

  it('who has to leave goes first, and is named where that is not enough', () => {
    const people = (until: number) => [
      present('A', [block('a', 'rack', 6)]), present('B', [block('b', 'rack', 4)], { until }),
    ]
    expect(starts(timetable(room({ rack: 1 }, people(5))))).toEqual({ b: 0, a: 4 })
    expect(timetable(room({ rack: 1 }, people(3))).over).toEqual([{ athlete: 'B', ticks: 1 }])
  })

  it('nobody waits between two blocks who could begin the first later', () => {
    // The bench is B's for 8; A's first could be at 0 and is at 2, right before it.
    const answer = timetable(room({ column: 1, bench: 1 }, [
      present('A', [block('a1', 'column', 6), block('a2', 'bench', 4)]), present('B', [block('b', 'bench', 8)]),
    ]))
    expect([answer.end, starts(answer)]).toEqual([12, { a1: 2, b: 0, a2: 8 }])
  })
})

describe('any room', () => {
  it('has a timetable that can be walked, not before its bound, the same each time', () => {
    fc.assert(fc.property(fc.nat(100_000), fc.integer({ min: 3, max: 14 }), (seed, most) => {
      const one = aRoom(seed, most)
      const answer = timetable(one, 100)
      expect(checkTimetable(one, answer)).toEqual([])
      expect(answer.end).toBeGreaterThanOrEqual(answer.bound.end)
      expect(timetable(one, 100)).toEqual(answer)
    }), { numRuns: 60 })
  })

  it('that is tiny has none shorter, by trying every start', () => {
    for (let seed = 0; seed < 40; seed++) {
      const whole = aRoom(seed, 3)
      const tiny = {
        ...whole, athletes: whole.athletes.slice(0, 2).map(one => ({
          ...one, from: one.from % 3,
          blocks: one.blocks.slice(0, 2).map(b => ({ ...b, ticks: 1 + b.ticks % 4, partner: false })),
        })),
      }
      const { end, bound } = timetable(tiny)
      expect(bound.end).toBeLessThanOrEqual(end)
      expect([seed, allTimetables(tiny, end - 1).next().done]).toEqual([seed, true])
    }
  })
})

describe('a room that cannot be', () => {
  it.each([
    ['a place twice', { places: [{ id: 'a', atOnce: 1 }, { id: 'a', atOnce: 1 }] }, 'places'],
    ['nowhere to do it', { athletes: [present('A', [block('a', 'moon', 1)])] }, 'blocks'],
    ['half a tick', { athletes: [present('A', [block('a', 'rack', 1.5)])] }, 'blocks'],
    ['leaving before coming', { athletes: [present('A', [], { from: 5, until: 5 })] }, 'athletes'],
    ['walls between what is not', { apart: [['rack', 'moon'] as const] }, 'apart'],
    ['a coach of minus one', { coach: { atOnce: -1 } }, 'coach'],
  ])('%s is refused', (_, over, field) => {
    expect(() => timetable({ ...room({ rack: 1 }, []), ...over })).toThrow(expect.objectContaining({ field }))
  })
})
