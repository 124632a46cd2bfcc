import { expect, it } from 'vitest'
import { able, day, forPlace } from '../testing/handMade'
import { dayAfter } from './dayAfter'

const on = (offset: number, fatigue: 1 | 2 | 3, slot: 'activation' | 'after' = 'after') =>
  dayAfter.breaks(forPlace({ fatigue, mode: 'isometric' }, {
    item: { slot }, session: day([], { day: 3 }), context: { ...able, competitionDays: [3 + offset] },
  })).length

it('is for what does not tire, and only one day long', () => {
  expect([on(-1, 1), on(-1, 2), on(-2, 3), on(0, 3)]).toEqual([0, 1, 0, 0])
})

it('gives way where it is the day before another one', () => {
  const context = { ...able, competitionDays: [2, 4] }
  expect(dayAfter.breaks(forPlace({ fatigue: 3 }, { session: day([], { day: 3 }), context }))).toEqual([])
})
