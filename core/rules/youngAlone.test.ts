import { expect, it } from 'vitest'
import { day, forPlace, screened } from '../testing/handMade'
import { youngAlone } from './youngAlone'

const alone = day([], { supervised: false })
const of = (screen: Parameters<typeof screened>[0], session = alone, hazards = ['loaded' as const]) =>
  youngAlone.breaks(forPlace({ hazards, fatigue: 1 }, { context: screened(screen), session })).length

it('stops somebody below sixteen, or under a flag that asks for it, who is alone with load', () => {
  expect([of({ ageYears: 15 }), of({ ageYears: 16 }), of({ ageYears: 15 }, day([])), of({ ageYears: null })]).toEqual(
    [1, 0, 0, 0],
  )
  expect(of({ ageYears: 15 }, alone, [])).toBe(0)
})
