import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { age, ageBand } from './age'

it.each([[11, 12], [12, 14], [13, 14], [14, 16], [15, 16], [16, 18], [17, 18]])(
  'a person of %i is below %i',
  (years, below) => expect(ageBand(years)?.below).toBe(below),
)

it('knows no band for a grown person nor for somebody whose age is not known', () => {
  expect([ageBand(18), ageBand(null)]).toEqual([null, null])
})

it('takes speed away below sixteen and what drains most too', () => {
  const of = (ageYears: number, more: object) =>
    age.breaks(forDrill({ hazards: [], fatigue: 2, ...more }, { ageYears }))
  expect(of(15, { hazards: ['ballistic'] })[0]).toContain('Load before speed')
  expect(of(16, { hazards: ['ballistic'] })).toEqual([])
  expect([of(15, { fatigue: 4 }), of(15, { fatigue: 5 }).length]).toEqual([[], 1])
  expect([of(13, { fatigue: 3 }), of(13, { fatigue: 4 }).length]).toEqual([[], 1])
})
