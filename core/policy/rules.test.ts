import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEFAULT_POLICY, SCHOOL_LINES } from '.'
import { NO_RULES, USUAL_RULES, weekRules, type RulesLayer } from './rules'

const layer = (scope: RulesLayer['scope'], rules: Partial<RulesLayer['rules']>, scopeId = 'x'): RulesLayer => ({
  scope, scopeId, name: `the ${scope}`, rules: { ...NO_RULES, ...rules },
})

describe('rules laid over one another', () => {
  it('let the nearest hold and say where each line comes from', () => {
    const rules = weekRules([
      layer('athlete', { lines: { flexion: 'off' } }),
      layer('organisation', { school: 'bodyLine', lines: { cue: 'drawIn' } }),
      layer('group', { lines: { flexion: 'limited', unstable: 'off' } }),
    ], '2026-03-02')
    expect(rules.policy).toMatchObject({
      dosing: 'bodyLine', flexion: 'off', unstable: 'off', cue: 'drawIn', sideBends: 'allowed',
    })
    expect([rules.from.dosing, rules.from.flexion.name, rules.from.sideBends.scope]).toEqual([
      { scope: 'organisation', name: 'the organisation', school: 'bodyLine' },
      'the athlete', 'usual',
    ])
  })

  it('let a nearer school clear what a wider one set', () => {
    const { policy } = weekRules([
      layer('organisation', { school: 'bodyLine', lines: { hipFlexors: 'quieted' } }),
      layer('group', { school: 'highTension' }),
    ], '2026-03-02')
    expect(policy).toEqual({ ...DEFAULT_POLICY, ...SCHOOL_LINES.highTension })
  })

  it('heed a phase only in its weeks', () => {
    const layers = [
      layer('phase', { lines: { directWork: 'lifts' } }, 'inSeason'),
      layer('group', { blocks: [{ startsOn: '2026-03-02', phase: 'inSeason', loads: [1, 0.6] }] }),
    ]
    expect(
      ['2026-02-23', '2026-03-02', '2026-03-09', '2026-03-16'].map(day => weekRules(layers, day).policy.directWork),
    ).toEqual(['full', 'lifts', 'lifts', 'full'])
  })

  it('add up locks and keep the nearest band', () => {
    const { never, bands } = weekRules([
      layer('group', { never: ['a'], bands: { rotation: { low: 1, high: 2 } } }),
      layer('athlete', { never: ['b', 'a'], bands: { rotation: { low: 3, high: 4 } } }),
    ], '2026-03-02')
    expect([never, bands.rotation?.low, bands.rotation?.from.name]).toEqual([['a', 'b'], 3, 'the athlete'])
  })

  it('do not depend on the order they are given in', () => {
    const layers = [
      layer('organisation', { school: 'bodyLine' }), layer('group', { lines: { flexion: 'off' } }),
      layer('athlete', { school: 'highTension', lines: { cue: 'drawIn' } }),
    ]
    fc.assert(
      fc.property(fc.shuffledSubarray(layers, { minLength: 3 }), (shuffled) => {
        expect(weekRules(shuffled, '2026-03-02')).toEqual(weekRules(layers, '2026-03-02'))
      }),
      { seed: 62 },
    )
    expect(weekRules([], '2026-03-02')).toEqual(USUAL_RULES)
  })
})
