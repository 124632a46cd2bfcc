import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { movingAverage, sessionLoad, weekLoad } from '.'

describe('the load of a week', () => {
  it('is worked by hand: three sessions of effort times minutes', () => {
    // 6 x 60, 4 x 45, 8 x 50 and four days of rest: mean 134.2857, sum of squares 195,771.43, a sixth 32,628.57.
    const daily = [sessionLoad(6, 60), 0, sessionLoad(4, 45), 0, sessionLoad(8, 50), 0, 0]
    const { total, monotony, strain } = weekLoad(daily)
    expect(total).toBe(940)
    expect(monotony).toBeCloseTo(134.2857 / 180.6338, 4)
    expect(strain).toBeCloseTo(940 * 134.2857 / 180.6338, 1)
  })

  it('has no monotony and no strain where all days were the same, nor from one day', () => {
    expect(weekLoad([200, 200, 200])).toEqual({ total: 600, monotony: null, strain: null })
    expect(weekLoad([0, 0, 0, 0, 0, 0, 0])).toEqual({ total: 0, monotony: null, strain: null })
    expect(weekLoad([300])).toEqual({ total: 300, monotony: null, strain: null })
    expect(weekLoad([])).toEqual({ total: 0, monotony: null, strain: null })
  })

  it('agrees with a statistics package', () => {
    fc.assert(fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 7, maxLength: 7 }), (daily) => {
      const sd = jstat.jStat.stdev(daily, true)
      fc.pre(sd > 0)
      expect(weekLoad(daily).monotony).toBeCloseTo(jstat.jStat.mean(daily) / sd, 9)
    }), { seed: 2 })
  })

  it('is as monotonous in other units, and has more strain where it is more', () => {
    fc.assert(fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 7, maxLength: 7 }), (daily) => {
      const [once, twice] = [weekLoad(daily), weekLoad(daily.map(load => load * 2))]
      fc.pre(once.monotony !== null && once.strain! > 0)
      expect(twice.monotony).toBeCloseTo(once.monotony!, 9)
      expect(twice.strain! / once.strain!).toBeCloseTo(2, 9)
    }), { seed: 3 })
  })
})

describe('the moving average', () => {
  it('is worked by hand: seven days keep three quarters', () => {
    expect(movingAverage([400, 0, 200, 0], 7)).toEqual([400, 300, 275, 206.25])
  })

  it('of days that are all the same is the day, and never leaves what was done', () => {
    expect(movingAverage([250, 250, 250], 28)).toEqual([250, 250, 250])
    expect(movingAverage([], 7)).toEqual([])
    fc.assert(fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 1 }), (daily) => {
      for (const average of movingAverage(daily, 7)) {
        expect(average).toBeGreaterThanOrEqual(Math.min(...daily) - 1e-9)
        expect(average).toBeLessThanOrEqual(Math.max(...daily) + 1e-9)
      }
    }), { seed: 4 })
  })
})
