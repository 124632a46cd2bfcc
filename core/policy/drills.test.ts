import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findVariation, mainAction, VARIATIONS } from '../catalogue'
import { DEFAULT_POLICY, LINE_IDS, PHASES, POLICY_LINES, SCHOOL_IDS, SCHOOL_LINES, type Policy } from '.'
import { policyCost, policyPlaceCost, policyRemoval } from './drills'

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

  it('that is stiffness first leaves loaded bending out', () => {
    const policy = { ...DEFAULT_POLICY, ...SCHOOL_LINES.stiffnessFirst }
    expect(policyRemoval(findVariation('flexion.crunch-plate')!, policy)).toContain('under load')
    expect(policyRemoval(findVariation('side-plank.feet')!, policy)).toBeNull()
  })

  it('that takes bending off leaves no moving drill whose main action is bending', () => {
    for (const v of VARIATIONS) {
      const left = policyRemoval(v, { ...DEFAULT_POLICY, flexion: 'off' }) === null
      expect(left).toBe(!(mainAction(v.shares) === 'flexion' && v.mode !== 'isometric'))
    }
  })

  it('has costs that are whole and not negative', () => {
    fc.assert(
      fc.property(
        anyPolicy, fc.constantFrom(...VARIATIONS),
        fc.constantFrom(null, ...Object.keys(PHASES) as (keyof typeof PHASES)[]),
        (policy, v, phase) => {
          const cost = policyCost(v, policy, phase) + policyPlaceCost('after', policy)
          expect(Number.isInteger(cost) && cost >= 0).toBe(true)
        },
      ),
      { seed: 61 },
    )
  })
})
