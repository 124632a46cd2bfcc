import { describe, expect, it } from 'vitest'
import type { BodySize } from '../anatomy'
import { evaluate, type Evaluation } from './evaluate'
import { findModel } from './poses'

const M: BodySize = { sex: 'male', heightM: 1.80, massKg: 80 }
const of = (id: string, size: BodySize, settings = {}): Evaluation => evaluate(findModel(id)!, size, settings)

describe('share of body weight on the hands in a push-up (published, from memory)', () => {
  it.each([
    ['top (Ebben et al. 2011: .64; Gouvali & Boudolos 2005: .664)', 'handPlank', {}, 0.62, 0.67],
    ['knees (Gouvali & Boudolos 2005: .49-.536)', 'handPlankKnees', {}, 0.49, 0.56],
    ['hands raised 30 cm (Ebben: .55)', 'handPlank', { handsRaisedCm: 30 }, 0.52, 0.58],
    ['hands raised 61 cm (Ebben: .41)', 'handPlank', { handsRaisedCm: 61 }, 0.37, 0.43],
    ['feet raised 30 cm (Ebben: .70)', 'handPlank', { feetRaisedCm: 30 }, 0.68, 0.72],
    ['feet raised 61 cm (Ebben: .74)', 'handPlank', { feetRaisedCm: 61 }, 0.70, 0.76],
  ] as const)('%s', (_, id, settings, low, high) => {
    const { handsShare } = of(id, M, settings)
    expect(handsShare).toBeGreaterThan(low)
    expect(handsShare).toBeLessThan(high)
  })
})
