import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { spreadOf } from './spread'

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
