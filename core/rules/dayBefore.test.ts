import { expect, it } from 'vitest'
import { able, day, forPlace } from '../testing/handMade'
import { dayBefore } from './dayBefore'

const on = (offset: number, fatigue: 1 | 2 | 3, slot: 'activation' | 'after' = 'after') =>
  dayBefore.breaks(forPlace({ fatigue, mode: 'isometric' }, {
    item: { slot }, session: day([], { day: 3 }), context: { ...able, competitionDays: [3 + offset] },
  })).length

it('is for activation of the easiest kind', () => {
  expect([on(1, 1, 'activation'), on(1, 1), on(1, 2, 'activation'), on(2, 3)]).toEqual([0, 1, 1, 0])
})

it('says nothing on a day that is itself a competition', () => {
  const context = { ...able, competitionDays: [3, 4] }
  expect(dayBefore.breaks(forPlace({ fatigue: 3 }, { session: day([], { day: 3 }), context }))).toEqual([])
})
