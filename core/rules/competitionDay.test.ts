import { expect, it } from 'vitest'
import { able, day, forPlace } from '../testing/handMade'
import { competitionDay } from './competitionDay'

const on = (offset: number, fatigue: 1 | 2 | 3, slot: 'activation' | 'after' = 'after') =>
  competitionDay.breaks(forPlace({ fatigue, mode: 'isometric' }, {
    item: { slot }, session: day([], { day: 3 }), context: { ...able, competitionDays: [3 + offset] },
  })).length

it('is kept free of everything, the days beside it are not', () => {
  expect([on(0, 1, 'activation'), on(1, 3), on(-1, 3)]).toEqual([1, 0, 0])
})
