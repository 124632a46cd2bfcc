import { describe, expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../../catalogue'
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from './sportProfiles'
import { sportReason } from './sportReasons'

describe('what a sport asks', () => {
  it.each(SPORT_PROFILE_IDS)('%s weighs every action, all together one, and resists more than it makes', (id) => {
    const { weights } = SPORT_PROFILES[id]
    expect(TRUNK_ACTIONS.reduce((sum, action) => sum + weights[action], 0)).toBeCloseTo(1, 12)
    expect(Math.min(...TRUNK_ACTIONS.map(action => weights[action]))).toBeGreaterThan(0)
    const resists = weights.antiExtension + weights.antiFlexion + weights.antiLateralFlexion + weights.antiRotation
    expect(resists).toBeGreaterThan(0.5)
  })

  it('leans as the sport does: a thrower turns more than a runner, a grappler folds more than a server', () => {
    const weight = (id: keyof typeof SPORT_PROFILES, action: 'rotation' | 'flexion'): number =>
      SPORT_PROFILES[id].weights[action]
    expect(weight('throwing', 'rotation')).toBeGreaterThan(weight('running', 'rotation'))
    expect(weight('grappling', 'flexion')).toBeGreaterThan(weight('racket', 'flexion'))
  })

  it('says why in a sentence of its own for every action', () => {
    for (const id of SPORT_PROFILE_IDS) {
      const reasons = TRUNK_ACTIONS.map(action => sportReason(id, action))
      expect(reasons.every(one => /^[A-Z].*\.$/.test(one)), id).toBe(true)
      expect(new Set(reasons).size, id).toBeGreaterThan(5)
    }
  })
})
