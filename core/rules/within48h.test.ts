import { expect, it } from 'vitest'
import { able, day, forPlace } from '../testing/handMade'
import { within48h } from './within48h'

const on = (offset: number, fatigue: 1 | 2 | 3, slot: 'activation' | 'after' = 'after') =>
  within48h.breaks(forPlace({ fatigue, mode: 'isometric' }, {
    item: { slot }, session: day([], { day: 3 }), context: { ...able, competitionDays: [3 + offset] },
  })).length

it('keeps what drains away two days before, and what does not stays', () => {
  expect([on(2, 3), on(2, 2), on(3, 3)]).toEqual([1, 0, 0])
})

it('leaves the word to the rule of a nearer day', () => {
  expect([on(1, 3), on(0, 3)]).toEqual([0, 0])
})
