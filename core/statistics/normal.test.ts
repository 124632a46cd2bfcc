import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { normalDensity, normalShareBelow } from './normal'

const { jStat } = jstat

describe('the normal share', () => {
  it.each([[0, 0.5], [1, 0.8413447], [-1, 0.1586553], [1.96, 0.9750021], [-2.5, 0.0062097]])(
    'below %f is %f (any printed table)',
    (z, share) => {
      expect(normalShareBelow(z)).toBeCloseTo(share, 6)
    },
  )

  it('agrees with a statistics package over the whole range', () => {
    fc.assert(fc.property(fc.double({ min: -8, max: 8, noNaN: true }), (z) => {
      expect(Math.abs(normalShareBelow(z) - jStat.normal.cdf(z, 0, 1))).toBeLessThan(2e-7)
      expect(normalDensity(z)).toBeCloseTo(jStat.normal.pdf(z, 0, 1), 12)
      expect(normalShareBelow(z) + normalShareBelow(-z)).toBeCloseTo(1, 7)
    }), { seed: 1 })
  })
})
