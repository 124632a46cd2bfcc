import { expect, it } from 'vitest'
import { able, day, forSession, long } from '../testing/handMade'
import { trunkCapS, trunkMinutes } from './trunkMinutes'

const seasonDays = (kind: 'off' | 'low') => [kind, null, null, null, null, null, null]

it('has a cap by the kind of day, and the highest where there is no season', () => {
  expect([trunkCapS(0, seasonDays('low')), trunkCapS(1, seasonDays('low')), trunkCapS(0, null)]).toEqual(
    [8 * 60, 20 * 60, 20 * 60],
  )
})

it('is broken by more, and leaves a free day to the rule that frees it', () => {
  const full = day([long('side-plank.feet')], { minutes: 120 })
  expect(trunkMinutes.breaks(forSession(full))).toEqual([])
  expect(trunkMinutes.breaks(forSession(full, { ...able, seasonDays: seasonDays('low') }))).toHaveLength(1)
  expect(trunkMinutes.breaks(forSession(full, { ...able, seasonDays: seasonDays('off') }))).toEqual([])
})
