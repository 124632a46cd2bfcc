import { expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { SPORT_PROFILES } from './sportProfiles'
import { transferOf } from './transfer'

it('names the sports that ask most for what a drill does, best first, each with its reason', () => {
  for (const variation of STANDARD.variations) {
    const found = transferOf(variation)
    const fits = found.map(t => t.fit)
    expect(fits).toEqual([...fits].sort((a, b) => b - a))
    for (const { sport, fit, reason } of found) {
      expect(fit).toBeGreaterThanOrEqual(1.25)
      expect(reason).toContain(SPORT_PROFILES[sport].why)
    }
  }
})

it('is eight times the weight for a drill of one action', () => {
  const one = { ...STANDARD.find('side-plank.feet')!, shares: { antiRotation: 1 } }
  for (const { sport, fit } of transferOf(one))
    expect(fit).toBeCloseTo(8 * SPORT_PROFILES[sport].weights.antiRotation, 9)
})
