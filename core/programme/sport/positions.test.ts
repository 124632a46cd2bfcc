import { expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../../catalogue'
import { POSITIONS } from './positionList'
import { positionOf } from './positions'
import { SPORT_PROFILE_IDS } from './sportProfiles'

it('is read from an entry by its word, whatever stands around it', () => {
  expect(positionOf('fieldCourt', 'LIBERO, second year')?.name).toBe('Libero')
  expect(positionOf('striking', 'épée')?.name).toBe('Épée')
  expect(positionOf('paddling', 'left-side paddler (bow)')?.name).toBe('Left-side paddler')
})

it('is not found inside another word, in another sport, or in nothing', () => {
  expect([
    positionOf('striking', 'foils'),
    positionOf('striking', 'libero'),
    positionOf('general', 'libero'),
    positionOf('fieldCourt', ''),
  ]).toEqual([null, null, null, null])
})

it('shifts what there is, by a believable factor, and says why', () => {
  for (const { name, shifts, why } of Object.values(POSITIONS).flat()) {
    for (const [action, factor] of Object.entries(shifts)) {
      expect(TRUNK_ACTIONS).toContain(action)
      expect(factor, name).toBeGreaterThan(1)
      expect(factor, name).toBeLessThanOrEqual(1.3)
    }
    expect(why).toMatch(/\.$/)
  }
})

it('knows positions of every sport, and where one is for the left there is one for the right that mirrors it', () => {
  for (const sport of SPORT_PROFILE_IDS) {
    const sided = POSITIONS[sport].filter(p => p.moreOn)
    expect(POSITIONS[sport].length, sport).toBeGreaterThanOrEqual(2)
    for (const { moreOn, shifts } of sided) {
      const mirrored = sided.some(p => p.moreOn !== moreOn && JSON.stringify(p.shifts) === JSON.stringify(shifts))
      expect(mirrored, sport).toBe(true)
    }
  }
})
