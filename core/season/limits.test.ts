import { describe, expect, it } from 'vitest'
import { DAY_KINDS, type SeasonInstance } from './instance'
import { dayLimits, restWeeks, taperWeeks } from './limits'

const base = (over: Partial<SeasonInstance>): SeasonInstance => ({ weeks: 3, phases: [], competitions: [], ...over })
const most = (instance: SeasonInstance) => dayLimits(instance).map(({ most: kind }) => DAY_KINDS[kind])

describe('what a day may hold at most', () => {
  it('is nothing on the day, activation before, easy work after; two days before an A-competition easy work', () => {
    const a = most(base({ competitions: [{ day: 10, importance: 'A' }] }))
    expect(a.slice(7, 13)).toEqual(['high', 'low', 'activation', 'off', 'low', 'high'])
    const c = most(base({ competitions: [{ day: 10, importance: 'C' }] }))
    expect(c[8]).toBe('high')
  })

  it('is the least of all that stand on it, and reaches beyond neither end', () => {
    const days = most(
      base({ competitions: [{ day: 0, importance: 'A' }, { day: 20, importance: 'C' }], practices: [1], closed: [1] }),
    )
    expect([days.length, days[0], days[1], days[19], days[20]]).toEqual([21, 'off', 'off', 'activation', 'off'])
  })

  it('is nothing on weekdays without time', () => {
    expect(most(base({ weeks: 1, weekdays: [0, 3] }))).toEqual(['high', 'off', 'off', 'high', 'off', 'off', 'off'])
  })
})

it('a week in which nothing may be done is a rest', () => {
  expect(restWeeks(base({ closed: [7, 8, 9, 10, 11, 12, 13] }))).toEqual([false, true, false])
})

it('a taper has four days or more of the fortnight before an A-competition in its week', () => {
  // Sunday of the second week: days 0-13 are the fortnight.
  expect(taperWeeks(base({ competitions: [{ day: 13, importance: 'A' }] }))).toEqual([true, true, false])
  // Wednesday of the third week: days 3-16; only three days of the third week.
  expect(taperWeeks(base({ competitions: [{ day: 16, importance: 'A' }] }))).toEqual([true, true, false])
  expect(taperWeeks(base({ competitions: [{ day: 13, importance: 'B' }] }))).toEqual([false, false, false])
  expect(taperWeeks(base({ competitions: [{ day: 13, importance: 'A' }], volumeRules: false }))).toEqual(
    [false, false, false],
  )
})
