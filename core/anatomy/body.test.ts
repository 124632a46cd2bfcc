import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bodyOf, type BodySize } from './body'
import { leaning } from '../mechanics/poses'
import { placed, type PoseSpec } from '../mechanics/skeleton'
import type { Vector } from '../mechanics/vector'

const M: BodySize = { sex: 'male', heightM: 1.80, massKg: 80 }
const upright = leaning(0)
const down: Vector = [0, 0, -1]
const legs = { thigh: down, shank: down, foot: [1, 0, 0] as Vector }
const standing = (arms: PoseSpec['arms'], pelvis = upright): PoseSpec => ({
  pelvis, arms, legs: { left: legs, right: legs },
})
const hanging = { upper: down, fore: down, hand: down }

describe('the body (de Leva 1996, from memory)', () => {
  it('of 80 kg and 1.80 m has 40.216 kg above L4/L5, and its centre .0409 H above the mid hips', () => {
    const skeleton = placed(bodyOf(M), standing({ left: hanging, right: hanging }))
    const above = skeleton.masses.filter(m => m.aboveLumbar).reduce((sum, m) => sum + m.massKg, 0)
    expect(above).toBeCloseTo(40.216, 2)
    const com = skeleton.masses.reduce((sum, m) => sum + m.at[2] * m.massKg, 0) / 80
    expect(com / 1.8).toBeCloseTo(0.0409, 3)
  })

  it.each([['heightM', { ...M, heightM: 3 }], ['heightM', { ...M, heightM: NaN }], ['massKg', { ...M, massKg: 0 }]])(
    'refuses a wrong %s',
    (field, size) => {
      expect(() => bodyOf(size)).toThrow(expect.objectContaining({ field }))
    },
  )

  it('keeps its mass and the centre of each segment however it is cut', () => {
    fc.assert(fc.property(anySize, (size) => {
      const { masses } = placed(bodyOf(size), standing({ left: hanging, right: hanging }))
      expect(masses.reduce((sum, m) => sum + m.massKg, 0)).toBeCloseTo(size.massKg, 8)
    }), { seed: 41, numRuns: 60 })
  })
})

const anySize: fc.Arbitrary<BodySize> = fc.record({
  sex: fc.constantFrom('female' as const, 'male' as const), heightM: fc.double({ min: 1.5, max: 2.05, noNaN: true }),
  massKg: fc.double({ min: 45, max: 130, noNaN: true }),
})
