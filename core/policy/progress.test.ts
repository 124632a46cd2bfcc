import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findVariation, VARIATIONS } from '../catalogue'
import { DEFAULT_POLICY, LINE_IDS, POLICY_LINES, type Policy } from '.'
import { nextDose } from './progress'

const anyPolicy = fc.record(
  Object.fromEntries(LINE_IDS.map(id => [id, fc.constantFrom(...Object.keys(POLICY_LINES[id].choices))])),
) as fc.Arbitrary<Policy>

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
