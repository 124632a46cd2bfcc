import { describe, expect, it } from 'vitest'
import { ACTION_FACTS, TRUNK_ACTIONS } from '../../catalogue'
import { USUAL_RULES, type PhaseId } from '../../policy'
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from '..'
import { targetOrigins, weeklyTargets, type TargetRequest } from './targets'

const general: TargetRequest = { sport: 'general', sessions: 4, trainingAgeYears: 6, weakLink: null }

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

  it('worked by hand: 4 x 4.2 x 1.1 x 20 % = 3.7 full sets, from 80 to 135 %', () => {
    const { low, high } = weeklyTargets(general).antiExtension
    expect(low).toBeCloseTo(16.8 * 1.1 * 0.2 * 0.8, 9)
    expect(high).toBeCloseTo(16.8 * 1.1 * 0.2 * 1.35, 9)
    expect(weeklyTargets({ ...general, weakLink: 'antiExtension' }).antiExtension.low).toBeCloseTo(low * 1.4, 9)
    expect(weeklyTargets({ ...general, sessions: 9 })).toEqual(weeklyTargets(general))
  })

  it('fall from off-season to taper, are a full set wide, and make no quota of a small movement', () => {
    for (const id of SPORT_PROFILE_IDS) {
      const of = (phase: PhaseId) => weeklyTargets({
        ...general, sport: id, rules: { ...USUAL_RULES, block: { phase, week: 2, weeks: 4, load: 1 } },
      })
      for (const action of TRUNK_ACTIONS) {
        const lows = (['offSeason', 'preSeason', 'inSeason', 'taper'] as const).map(phase => of(phase)[action].low)
        expect(lows, `${id} ${action}`).toEqual([...lows].sort((a, b) => b - a))
        const { low, high } = of('preSeason')[action]
        expect(high - low).toBeGreaterThanOrEqual(1 - 1e-9)
      }
      expect(of('taper').lateralFlexion.low).toBe(0)
    }
  })

  it('grow at most 15 % over the best of the last three weeks, and never to less than half', () => {
    const whole = (bestLately: number | null) => TRUNK_ACTIONS.reduce((sum, action) =>
      sum + targetOrigins({ ...general, bestLately })[action].steps.at(-1)!.sets, 0)
    const free = whole(null)
    expect(whole(10)).toBeCloseTo(11.5, 9)
    expect([whole(100), whole(1)]).toEqual([expect.closeTo(free, 9), expect.closeTo(free / 2, 9)])
    expect(targetOrigins({ ...general, bestLately: 10 }).antiRotation.steps.at(-1)!.label).toBe('growth')
  })

  it.each([[{ sessions: 15 }, 'sessions'], [{ trainingAgeYears: -1 }, 'trainingAgeYears']])(
    'refuse %j and name %s', (over, field) => {
      expect(() => weeklyTargets({ ...general, ...over })).toThrowError(expect.objectContaining({ field }))
    },
  )
})
