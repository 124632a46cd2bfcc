import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { medianOf, spreadOf } from './spread'

const { jStat } = jstat

describe('mean and spread', () => {
  it('agree with a statistics package', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -500, max: 500, noNaN: true }), { minLength: 2, maxLength: 20 }),
        (values) => {
          const { mean, sd } = spreadOf(values)!
          expect(mean).toBeCloseTo(jStat.mean(values), 8)
          expect(sd).toBeCloseTo(jStat.stdev(values, true), 6)
        },
      ),
      { seed: 2 },
    )
  })

  it('has no spread from one value, and nothing from none', () => {
    expect([spreadOf([4]), spreadOf([])]).toEqual([{ n: 1, mean: 4, sd: null }, null])
  })
})

describe('the median', () => {
  it.each([[[], 0], [[7], 7], [[9, 1], 5], [[9, 1, 4], 4], [[9, 1, 4, 2], 3]])('of %j is %f', (values, expected) => {
    expect(medianOf(values)).toBe(expected)
  })

  it('has as many values below it as above', () => {
    fc.assert(fc.property(fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 1 }), (values) => {
      const median = medianOf(values)
      const below = values.filter(v => v < median).length
      const above = values.filter(v => v > median).length
      expect(Math.max(below, above)).toBeLessThanOrEqual(values.length / 2)
    }))
  })
})
