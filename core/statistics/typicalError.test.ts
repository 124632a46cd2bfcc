import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { believableDifference, typicalError } from './typicalError'

const { jStat } = jstat

describe('the typical error', () => {
  it('of two trials is the spread of the differences over the square root of two (Hopkins 2000)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 10, max: 200 }), fc.integer({ min: 10, max: 200 })), {
          minLength: 2, maxLength: 15,
        }),
        (pairs) => {
          const differences = pairs.map(([a, b]) => b - a)
          const found = typicalError(pairs)!
          expect(found.error).toBeCloseTo(jStat.stdev(differences, true) / Math.SQRT2, 8)
          expect(found.degreesOfFreedom).toBe(pairs.length - 1)
        },
      ),
      { seed: 3 },
    )
  })

  it('worked by hand: 60 and 64, 70 and 72, 80 and 78 s: differences 4, 2, -2, spread 3.055, error 2.160', () => {
    expect(typicalError([[60, 64], [70, 72], [80, 78]])!.error).toBeCloseTo(2.160, 3)
  })

  it('does not see what everybody gains from trial to trial', () => {
    expect(typicalError([[60, 70], [80, 90], [50, 60]])!.error).toBeCloseTo(0, 9)
  })

  it('pools people with different numbers of trials, and says nothing from single ones', () => {
    expect(typicalError([[10, 12], [20, 22, 24], [7]])).toEqual({ error: Math.sqrt((2 + 8) / 3), degreesOfFreedom: 3 })
    expect(typicalError([[5], []])).toBeNull()
  })

  it('asks a smaller difference of more trials (Weir 2005: 1.96 x sqrt 2 x error for single ones)', () => {
    expect(believableDifference(3, 1, 1)).toBeCloseTo(1.96 * Math.SQRT2 * 3, 9)
    expect(believableDifference(3, 4, 4)).toBeCloseTo(believableDifference(3, 1, 1) / 2, 9)
  })
})
