import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { afterDays, atLeast, measured } from './estimate'

const belief = fc.record({
  mean: fc.double({ min: 3, max: 7, noNaN: true }), variance: fc.double({ min: 0.001, max: 0.3, noNaN: true }),
})

describe('a belief', () => {
  it('meets a measurement half way where both are as certain', () => {
    const { mean, variance } = measured({ mean: 5, variance: 0.04 }, 6, 0.2)
    expect([mean, variance]).toEqual([expect.closeTo(5.5, 9), expect.closeTo(0.02, 9)])
    expect(afterDays({ mean: 5, variance: 0 }, 70).variance).toBeCloseTo(0.004, 12)
  })

  it('hears "at least" as the moments of the cut law, by numerical integration', () => {
    for (const [mean, log] of [[5, 5], [5, 5.4], [5.3, 5], [4.6, 5.6]] as const) {
      const [variance, sd] = [0.09, 0.15]
      let [zero, one, two] = [0, 0, 0]
      // The edge is the share of a normal law of spread sd that lies below x - log.
      const edge = (x: number): number => {
        let share = 0
        for (let t = -6; t < (x - log) / sd; t += 0.01) share += Math.exp(-(t ** 2) / 2) * 0.01
        return share / Math.sqrt(2 * Math.PI)
      }
      for (let x = mean - 2.4; x < mean + 2.4; x += 0.02) {
        const weight = Math.exp(-((x - mean) ** 2) / 2 / variance) * edge(x)
        zero += weight
        one += weight * x
        two += weight * x * x
      }
      const found = atLeast({ mean, variance }, log, sd)
      expect(found.mean).toBeCloseTo(one / zero, 2)
      expect(found.variance).toBeCloseTo(two / zero - (one / zero) ** 2, 2)
    }
  })

  it('is only ever raised by "at least", more by more, and grows more certain by all it hears', () => {
    const log = fc.double({ min: 2, max: 8, noNaN: true })
    fc.assert(fc.property(belief, log, log, (before, a, b) => {
      const [low, high] = [atLeast(before, Math.min(a, b), 0.15), atLeast(before, Math.max(a, b), 0.15)]
      expect(low.mean).toBeGreaterThanOrEqual(before.mean)
      expect(high.mean).toBeGreaterThanOrEqual(low.mean - 0.002)
      for (const after of [low, high, measured(before, a, 0.2)]) {
        expect(after.variance).toBeLessThanOrEqual(before.variance + 1e-9)
        expect(after.variance).toBeGreaterThan(0)
      }
    }))
  })
})
