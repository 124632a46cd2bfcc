import { describe, expect, it } from 'vitest'
import { ACTION_FACTS, TRUNK_ACTIONS } from '../../catalogue'
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from '..'
import { weeklyTargets } from './targets'

describe('targets', () => {
  it('sum to the same total for every sport, resisting first', () => {
    for (const id of SPORT_PROFILE_IDS) {
      const { weights } = SPORT_PROFILES[id]
      expect(TRUNK_ACTIONS.reduce((sum, a) => sum + weights[a], 0)).toBeCloseTo(1, 9)
      expect(TRUNK_ACTIONS.reduce((sum, a) => sum + (ACTION_FACTS[a].resists ? weights[a] : 0), 0), id).toBeGreaterThan(
        0.5,
      )
    }
  })

  // By hand: 3 sessions x 300 s x 1 x 0.2 = 180 s; 80 % 144, 130 % 234; to the nearest five 145 and 235.
  it('are a band around the weighted total', () => {
    expect(weeklyTargets({ sport: 'general', sessions: 3, trainingAgeYears: 2, weakLink: null }).antiRotation)
      .toEqual({ lowS: 145, highS: 235 })
  })

  // By hand: 180 s x 1.5 = 270 s; 80 % is 216, to the nearest five 215.
  it('ask half as much again of the weak link', () => {
    const { antiRotation } = weeklyTargets({
      sport: 'general', sessions: 3, trainingAgeYears: 2, weakLink: 'antiRotation',
    })
    expect(antiRotation.lowS).toBe(215)
  })
})
