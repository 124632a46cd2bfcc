import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { findVariation } from '../catalogue'
import { MAN } from '../testing/poses'
import { effortOf } from './effort'
import type { DoneSet } from './evidence'
import { ownBests, ownLimitOf } from './ownBest'
import { pathsOf } from './paths'

const plank = findVariation('front-plank.elbows')!
const capacity = { low: 180, high: 290 }
const set = (over: Partial<DoneSet>): DoneSet => ({
  variationId: plank.id, unit: 'seconds', amount: 60, side: null, settings: {}, breakPoint: 'trunk', effort: null,
  day: '2026-02-20', ...over,
})
const own = (sets: DoneSet[], settings = {}) => 
  ownLimitOf(ownBests(sets, capacity, '2026-03-02'))(plank, settings)

describe('the own best at a drill', () => {
  it('is the longest set the trunk ended in eight weeks at the same settings, before any that was only felt', () => {
    expect(own([set({}), set({ amount: 75 }), set({ amount: 90, breakPoint: 'none', effort: 6 })])?.limitS).toBe(75)
    expect(own([set({ amount: 30, breakPoint: 'none', effort: 6 })])?.limitS).toBe(50)
    expect(own([set({ day: '2026-01-04' })])).toBeNull()
    expect(own([set({ day: '2026-01-05' })])).not.toBeNull()
    expect(own([set({ settings: { loadKg: 10 } })])).toBeNull()
    expect(own([set({ settings: { loadKg: 10, stance: 'wide' } })], { loadKg: 10 })).not.toBeNull()
    for (const breakPoint of ['grip', 'pain', 'breath'] as const) expect(own([set({ breakPoint })])).toBeNull()
  })

  it('takes the place of the curve as far as it is more certain: the blend by hand', () => {
    const found = own([set({})])!
    const curve = 0.3 ** 2 + (2.27 * Math.log(290 / 180) / 3.29) ** 2
    expect(found.weight).toBeCloseTo(curve / (curve + 0.15 ** 2), 9)
    const C = { arch: 230.6, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }
    const hold = { unit: 'seconds' as const, amount: 30, settings: {}, side: null }
    const [plain, with_] = [null, found].map(limit => effortOf(plank, hold, pathsOf(bodyOf(MAN)), C, 0, limit))
    expect(with_!.limitS).toBeCloseTo(plain!.limitS! ** (1 - found.weight) * 60 ** found.weight, 4)
    expect(with_!.effort).toBeCloseTo(30 / with_!.limitS!, 6)
    expect(with_!.fullSets.antiExtension).toBeCloseTo(with_!.effort, 6)
    expect(with_!.r).toBe(plain!.r)
  })
})
