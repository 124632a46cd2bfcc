import { describe, expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../catalogue'
import { SPORT_PROFILE_IDS } from '../programme/sport/sportProfiles'
import { sportOf } from '../programme/sport/sportOf'
import { effortTargets, type EffortTargetRequest } from './effortTargets'
import { liftFullSets } from './liftFullSets'

const general: EffortTargetRequest = {
  sport: sportOf('general'), position: '', sessions: 4, phase: 'preSeason', load: 1, trainingAgeYears: 6,
  weakLink: null,
}

describe('targets in full sets', () => {
  it('worked by hand: 4 x 4.2 x 1.1 x 20 % = 3.7 full sets, from 80 to 135 %', () => {
    const { low, high } = effortTargets(general).antiExtension
    expect(low).toBeCloseTo(16.8 * 1.1 * 0.2 * 0.8, 9)
    expect(high).toBeCloseTo(16.8 * 1.1 * 0.2 * 1.35, 9)
    expect(effortTargets({ ...general, weakLink: 'antiExtension' }).antiExtension.low).toBeCloseTo(low * 1.4, 9)
    expect(effortTargets({ ...general, sessions: 9 })).toEqual(effortTargets(general))
  })

  it('fall from off-season to taper, are a full set wide, and make no quota of a small movement', () => {
    for (const id of SPORT_PROFILE_IDS) {
      const of = (phase: EffortTargetRequest['phase']) => effortTargets({ ...general, sport: sportOf(id), phase })
      for (const action of TRUNK_ACTIONS) {
        const lows = (['offSeason', 'preSeason', 'inSeason', 'taper'] as const).map(phase => of(phase)[action].low)
        expect(lows, `${id} ${action}`).toEqual([...lows].sort((a, b) => b - a))
        const { low, high } = of('preSeason')[action]
        expect(high - low).toBeGreaterThanOrEqual(1 - 1e-9)
      }
      expect(of('taper').lateralFlexion.low).toBe(0)
    }
  })
})

describe('full sets of lifts', () => {
  // Epley 1985 read backwards: 2.6 repeats at 92 %, 36.7 at 45 %.
  it('are sets to the limit: 4 x 3 at 92 % are 4, 4 x 12 at 45 % are 1.3', () => {
    const all = (sets: number, reps: number, percent1Rm: number): number => {
      const full = liftFullSets({ id: 'a', lift: 'backSquat', sets, reps, percent1Rm })
      const one = liftFullSets({ id: 'a', lift: 'backSquat', sets: 1, reps: 30, percent1Rm: 100 })
      return full.antiFlexion / one.antiFlexion
    }
    expect(all(4, 3, 92)).toBeCloseTo(4, 9)
    expect(all(4, 12, 45)).toBeCloseTo(4 * 12 / (30 * (1 / 0.45 - 1)), 9)
    expect(all(4, 12, 45)).toBeCloseTo(1.3, 1)
  })
})
