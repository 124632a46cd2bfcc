import { expect, it } from 'vitest'
import { isActivation, isNear } from './nearCompetition'

it('counts days from the competition: before is less', () => {
  const before = { offset: -1, most: 'low', from: 'C', says: '' } as const
  expect([isNear(4, [5], before), isNear(5, [5], before), isNear(6, [5], before), isNear(-1, [0], before)]).toEqual(
    [true, false, false, true],
  )
})

it('is waking up only in its place, at the lowest fatigue, without speed', () => {
  const of = (slot: 'activation' | 'after', fatigue: 1 | 2, mode: 'isometric' | 'ballistic') =>
    isActivation({ slot }, { fatigue, mode })
  expect(of('activation', 1, 'isometric')).toBe(true)
  expect([of('after', 1, 'isometric'), of('activation', 2, 'isometric'), of('activation', 1, 'ballistic')]).toEqual(
    [false, false, false],
  )
})
