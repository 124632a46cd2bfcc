import { describe, expect, it } from 'vitest'
import { NO_RULES, weekRules } from '../../policy'
import { positionOf, targetOrigins } from '..'

describe('where a target comes from', () => {
  const of = {
    sport: 'fieldCourt' as const, sessions: 3, trainingAgeYears: 5, weakLink: 'antiFlexion' as const, weakSide: null,
    position: 'libero, second year',
  }

  it('multiplies out to the band, step by step', () => {
    const { steps, reckoned } = targetOrigins(of).antiFlexion
    expect(steps.map(s => s.label)).toEqual(['3 sessions of 300 s', 'training age', 'sport', 'libero', 'weak link'])
    const product = steps.reduce((value, s) => value * (s.factor ?? 1), 900)
    expect(steps.at(-1)!.seconds).toBeCloseTo(product, 9)
    // 900 x 1.15 x 14/100 shifted by 1.25 and normed, x 1.5 (by hand)
    expect(product).toBeCloseTo(900 * 1.15 * (0.14 * 1.25 / (1 + 0.14 * 0.25)) * 1.5, 6)
    expect(reckoned.lowS).toBe(Math.round(product * 0.8 / 5) * 5)
  })

  it('names the coach’s own band and keeps the reckoned one beside it', () => {
    const rules = weekRules([{
      scope: 'athlete', scopeId: 'a', name: 'Ilse',
      rules: { ...NO_RULES, bands: { antiFlexion: { lowS: 10, highS: 40 } } },
    }], '2026-03-02')
    const { band, reckoned, setBy } = targetOrigins({ ...of, rules }).antiFlexion
    expect([band, setBy?.name, reckoned.lowS > 40]).toEqual([{ lowS: 10, highS: 40 }, 'Ilse', true])
  })

  it('takes a block’s week and phase into account', () => {
    const blocks = [{ startsOn: '2026-03-02', phase: 'inSeason' as const, loads: [1, 0.5] }]
    const rules = weekRules(
      [{ scope: 'group', scopeId: 'g', name: 'squad', rules: { ...NO_RULES, blocks } }],
      '2026-03-09',
    )
    expect(targetOrigins({ ...of, rules }).antiFlexion.steps.slice(-2).map(s => s.factor)).toEqual([0.6, 0.5])
  })

  it('knows positions by a word in the entry', () => {
    expect([
      positionOf('striking', 'Foil, left-handed')?.name, positionOf('striking', 'foils'),
      positionOf('general', 'libero'),
    ]).toEqual(['Foil', null, null])
  })
})
