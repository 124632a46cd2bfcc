import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bodyOf } from '../../anatomy'
import { MAN, posed } from '../../testing/poses'
import { pressureOf } from '../statics'
import { onBothFeet, onOneFoot, stood, UPRIGHT } from './stance'
import { armBy, both, leaning, legBy } from './directions'

const body = bodyOf(MAN)

describe('a trunk put over its feet', () => {
  it('stands in balance on every stance, however hard a band pulls to either side', () => {
    fc.assert(fc.property(
      fc.integer({ min: -60, max: 60 }), fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 100 }),
      (pull, stance, reachPercent) => {
        const result = posed('pressOut', { bandN: pull * 5, stance, reachPercent })
        expect(result.balanced).toBe(true)
        expect(result.supportMarginM).toBeGreaterThan(0)
      },
    ), { seed: 51, numRuns: 60 })
  })

  it('is bent and turned the same on every stance: what is above the hips does not move', () => {
    const [first, ...others] = [0, 1, 2, 3].map(stance => posed('pressOut', { stance }))
    for (const other of others) {
      expect(other.frontalNm).toBeCloseTo(first!.frontalNm, 8)
      expect(other.transverseNm).toBeCloseTo(first!.transverseNm, 8)
    }
  })

  it('presses on the middle of its feet, on both and on one', () => {
    const bowed = { pelvis: leaning(60), arms: both(armBy(leaning(60), 90)) }
    for (const stance of [onBothFeet(20), onOneFoot('Right', 20, legBy(leaning(60), 0))]) {
      const { skeleton, contacts } = stood(body, bowed, stance, () => [], 'leanDeg')
      const [x, y] = pressureOf(skeleton, contacts, [])
      const middle = (axis: 0 | 1): number => contacts.reduce((sum, c) => sum + c.at[axis], 0) / contacts.length
      expect([x, y].map(v => Number(v.toFixed(6)))).toEqual([middle(0), middle(1)].map(v => Number(v.toFixed(6))))
    }
  })

  it('leans away from a pull: the feet stay behind on the side it comes from', () => {
    const upper = { pelvis: UPRIGHT, arms: both(armBy(UPRIGHT, 0)) }
    const pulled = stood(body, upper, onBothFeet(), k => [
      { at: k.joints.shoulder, forceN: [0, 100, 0], above: true },
    ], 'bandN')
    expect(pulled.contacts.every(c => c.at[1] > 0)).toBe(true)
  })

  it('bows over a weight in one hand: folds, bends and turns', () => {
    const { sagittalNm, frontalNm, transverseNm } = posed('hinge', { leanDeg: 45, kneeDeg: 60, sideKg: 24 })
    expect([sagittalNm > 100, frontalNm > 20, transverseNm > 20]).toEqual([true, true, true])
  })
})
