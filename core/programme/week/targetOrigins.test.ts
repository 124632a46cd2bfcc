import { describe, expect, it } from 'vitest'
import { NO_RULES, weekRules } from '../../policy'
import { positionOf, targetOrigins } from '..'

describe('where a target comes from', () => {
  const of = {
    sport: 'fieldCourt' as const, sessions: 3, trainingAgeYears: 5, weakLink: 'antiFlexion' as const,
    position: 'libero, second year',
  }

  it('multiplies out to the band, step by step', () => {
    const { steps, reckoned } = targetOrigins(of).antiFlexion
    expect(steps.map(s => s.label))
      .toEqual(['3 sessions of 4.2 full sets', 'training age', 'sport', 'libero', 'weak link'])
    const product = steps.reduce((value, s) => value * (s.factor ?? 1), 12.6)
    expect(steps.at(-1)!.sets).toBeCloseTo(product, 9)
    // 3 x 4.2 x 1.1 x 14/100 shifted by 1.25 and normed, x 1.4 (by hand)
    expect(product).toBeCloseTo(12.6 * 1.1 * (0.14 * 1.25 / (1 + 0.14 * 0.25)) * 1.4, 6)
    expect(reckoned.low).toBeCloseTo(product * 0.8, 9)
  })

  it('names the coach’s own band and keeps the reckoned one beside it', () => {
    const rules = weekRules([{
      scope: 'athlete', scopeId: 'a', name: 'Ilse',
      rules: { ...NO_RULES, bands: { antiFlexion: { low: 0.5, high: 1 } } },
    }], '2026-03-02')
    const { band, reckoned, setBy } = targetOrigins({ ...of, rules }).antiFlexion
    expect([band, setBy?.name, reckoned.low > 1]).toEqual([{ low: 0.5, high: 1 }, 'Ilse', true])
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
