import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { capacityFactor, limitTimeS, relativeLoadAt } from './limitTime'

describe('how long a relative load is held', () => {
  // Frey-Law & Avin 2010, trunk: worked by hand from 22.69 r^-2.27.
  it.each([[1, 22.69], [0.8, 37.66], [0.5, 109.4], [0.4, 181.6], [0.25, 528.2]])('%f: %f s', (r, seconds) => {
    expect(limitTimeS(r)).toBeCloseTo(seconds, 0)
    expect(relativeLoadAt(seconds)).toBeCloseTo(r, 3)
  })

  it('is believed from 2 to 600 s', () => {
    expect([limitTimeS(0), limitTimeS(0.01), limitTimeS(50)]).toEqual([600, 600, 2])
  })

  it('falls with the load, and the curve read backwards is the curve', () => {
    const r = fc.double({ min: 0.25, max: 2.5, noNaN: true })
    fc.assert(fc.property(r, r, (a, b) => {
      if (a < b) expect(limitTimeS(a)).toBeGreaterThanOrEqual(limitTimeS(b))
      expect(relativeLoadAt(limitTimeS(a))).toBeCloseTo(a, 9)
      expect(limitTimeS(a / capacityFactor(1, 0.5))).toBeCloseTo(Math.min(600, 2 * limitTimeS(a)), 6)
    }))
  })
})
