import { expect, it } from 'vitest'
import { able, day, drill, forPlace, weekOf } from '../testing/handMade'
import { nothingNew } from './nothingNew'

const on = (offset: number, fatigue: 1 | 2, before: string | null) =>
  nothingNew.breaks(forPlace({ fatigue }, {
    session: day([], { day: 3 }), context: { ...able, competitionDays: [3 + offset] },
    before: before === null ? null : weekOf(day([drill(before)])),
  })).length

it('asks for what was done last week in the two days before a competition', () => {
  expect([on(1, 2, 'front-plank.elbows'), on(2, 2, 'front-plank.elbows'), on(3, 2, 'front-plank.elbows')]).toEqual(
    [1, 1, 0],
  )
})

it('does not mind what is known, what is easy, or a week that nobody knows', () => {
  expect([on(1, 2, 'side-plank.feet'), on(1, 1, 'front-plank.elbows'), on(1, 2, null)]).toEqual([0, 0, 0])
})
