import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findVariation, mainAction, VARIATIONS } from '../catalogue'
import {
  blockWeekOf, checkBlock, DEFAULT_POLICY, LINE_IDS, nextDose, NO_RULES, PHASES, POLICY_LINES, policyCost, policyDoses,
  policyPlaceCost, policyRemoval, SCHOOL_IDS, SCHOOL_LINES, USUAL_LOADS, USUAL_RULES, weekRules, type Policy,
  type RulesLayer,
} from '.'

const layer = (scope: RulesLayer['scope'], rules: Partial<RulesLayer['rules']>, scopeId = 'x'): RulesLayer => ({
  scope, scopeId, name: `the ${scope}`, rules: { ...NO_RULES, ...rules },
})
const anyPolicy = fc.record(
  Object.fromEntries(LINE_IDS.map(id => [id, fc.constantFrom(...Object.keys(POLICY_LINES[id].choices))])),
) as fc.Arbitrary<Policy>

describe('a policy', () => {
  it('has a choice, a reason and a usual value for every line', () => {
    for (const id of LINE_IDS) {
      expect(Object.keys(POLICY_LINES[id].choices)).toContain(DEFAULT_POLICY[id])
      expect(POLICY_LINES[id].dispute.length).toBeGreaterThan(40)
    }
  })

  it.each(SCHOOL_IDS)(
    'of the school %s sets lines that are choices of theirs, and differs from the usual',
    (school) => {
      for (const [id, choice] of Object.entries(SCHOOL_LINES[school])) expect(
          Object.keys(POLICY_LINES[id as keyof Policy].choices),
        ).toContain(choice)
      expect({ ...DEFAULT_POLICY, ...SCHOOL_LINES[school] }).not.toEqual(DEFAULT_POLICY)
    },
  )

  it('that is stiffness first asks for ten-second holds and leaves loaded bending out', () => {
    const policy = { ...DEFAULT_POLICY, ...SCHOOL_LINES.stiffnessFirst }
    expect(policyDoses(findVariation('side-plank.feet')!, policy).every(d => d.amount === 10)).toBe(true)
    expect(policyRemoval(findVariation('flexion.crunch-plate')!, policy)).toContain('under load')
    expect(policyRemoval(findVariation('side-plank.feet')!, policy)).toBeNull()
  })

  it('that takes bending off leaves no moving drill whose main action is bending', () => {
    for (const v of VARIATIONS) {
      const left = policyRemoval(v, { ...DEFAULT_POLICY, flexion: 'off' }) === null
      expect(left).toBe(!(mainAction(v.shares) === 'flexion' && v.mode !== 'isometric'))
    }
  })

  it('only ever offers doses a drill can be given in, and costs that are whole and not negative', () => {
    fc.assert(
      fc.property(
        anyPolicy, fc.constantFrom(...VARIATIONS),
        fc.constantFrom(null, ...Object.keys(PHASES) as (keyof typeof PHASES)[]),
        (policy, v, phase) => {
          const doses = policyDoses(v, policy)
          expect(doses.length).toBeGreaterThan(0)
          for (const d of doses) expect([d.sets >= 1 && d.sets <= 10, d.amount >= 1, d.restS >= 0]).toEqual([
              true, true, true,
            ])
          const cost = policyCost(v, policy, phase) + policyPlaceCost('after', policy)
          expect(Number.isInteger(cost) && cost >= 0).toBe(true)
        },
      ),
      { seed: 61 },
    )
  })
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
      layer('group', { never: ['a'], bands: { rotation: { lowS: 10, highS: 20 } } }),
      layer('athlete', { never: ['b', 'a'], bands: { rotation: { lowS: 30, highS: 40 } } }),
    ], '2026-03-02')
    expect([never, bands.rotation?.lowS, bands.rotation?.from.name]).toEqual([['a', 'b'], 30, 'the athlete'])
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

describe('a block', () => {
  const block = { startsOn: '2026-03-02', phase: 'preSeason' as const, loads: USUAL_LOADS }

  it('knows its weeks, the lighter one last, and none outside it', () => {
    const weeks = ['2026-02-23', '2026-03-02', '2026-03-23', '2026-03-30'].map(day =>
      blockWeekOf([block], day)?.load ?? null
    )
    expect(weeks).toEqual([null, 0.9, 0.6, null])
  })

  it('gives way to a later one that overlaps it', () => {
    expect(blockWeekOf([block, { startsOn: '2026-03-16', phase: 'taper', loads: [0.5] }], '2026-03-16')?.phase).toBe(
      'taper',
    )
  })

  it.each([[[]], [[0.1]], [[1.6]], [Array.from({ length: 13 }, () => 1)], [[Number.NaN]]])(
    'is refused with loads %j',
    (loads) => {
      expect(() => checkBlock({ ...block, loads })).toThrow(expect.objectContaining({ field: 'loads' }) as Error)
    },
  )
})

describe('the next dose', () => {
  const plank = findVariation('front-plank.elbows')!
  const policy = DEFAULT_POLICY
  const week = (n: number, load = 1) => ({ phase: null, week: n, weeks: 4, load })

  it('adds five seconds up to the gate, then a set', () => {
    const { gate } = plank
    expect(
      nextDose(plank, { sets: 2, amount: gate.amount - 3, unit: 'seconds', restS: 30 }, policy, week(2), true).dose,
    ).toMatchObject({ sets: 2, amount: gate.amount })
    expect(
      nextDose(plank, { sets: 1, amount: gate.amount, unit: 'seconds', restS: 30 }, policy, week(2), true).dose.sets,
    ).toBe(2)
  })

  it('adds two repeats a week (common practice, no source)', () => {
    const bug = findVariation('dead-bug.heel-taps')!
    expect(nextDose(bug, { sets: 2, amount: 6, unit: 'reps', restS: 30 }, policy, week(2), true).dose.amount).toBe(8)
  })

  it('adds load within 2-10 % once the repeats are there (ACSM 2009 position stand, from memory)', () => {
    const hinge = findVariation('balance.hinge-weight')!
    const next = nextDose(
      hinge, { sets: 3, amount: hinge.gate.amount, unit: 'reps', restS: 45 }, { ...policy, progress: 'load' }, week(3),
      true,
    )
    expect(next.loadFactor).toBeGreaterThanOrEqual(1.02)
    expect(next.loadFactor).toBeLessThanOrEqual(1.1)
  })

  it('stays where a set broke, and is lighter in a lighter week', () => {
    const last = { sets: 3, amount: 10, unit: 'seconds' as const, restS: 5 }
    expect(nextDose(plank, last, policy, week(2), false).dose).toEqual(last)
    expect(nextDose(plank, last, policy, week(4, 0.6), true).dose).toEqual({ ...last, sets: 2 })
  })

  it('never jumps: one step up at most, whatever the drill and the policy', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VARIATIONS), anyPolicy, fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 60 }),
        fc.boolean(),
        (v, any, sets, amount, held) => {
          const { dose } = nextDose(v, { sets, amount, unit: v.doses[0]!.unit, restS: 30 }, any, week(2), held)
          expect(dose.sets - sets + (dose.amount > amount ? 1 : 0)).toBeLessThanOrEqual(1)
          expect(dose.amount).toBeLessThanOrEqual(Math.max(amount, v.gate.amount))
        },
      ),
      { seed: 63 },
    )
  })
})
