import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

describe('standing work', () => {
  it('a press-out turns by pull times reach: in proportion to the band, nothing without it', () => {
    const [none, one, two] = [0, 80, 160].map(bandN => posed('pressOut', { bandN }).transverseNm)
    expect(none).toBeCloseTo(0, 6)
    expect(two ?? 0).toBeCloseTo(2 * (one ?? 0), 6)
    // Arm's length of some six to eight decimetres from the spine.
    expect(Math.abs(one ?? 0) / 80).toBeGreaterThan(0.5)
    expect(Math.abs(one ?? 0) / 80).toBeLessThan(0.9)
  })

  it('a press-out turns more the further it is pressed, the other way from the other side', () => {
    const nm = along('pressOut', 'reachPercent', [0, 50, 100])
    expect(nm).toEqual([...nm].sort((a, b) => a - b))
    const [left, right] = [-80, 80].map(bandN => posed('pressOut', { bandN }).transverseNm)
    expect(left).toBeCloseTo(-(right ?? NaN), 6)
  })

  it('a weight in one hand bends to its side, the same in both hands bends no way', () => {
    const right = posed('carry', { rightKg: 20, leftKg: 0 }).frontalNm
    expect(posed('carry', { rightKg: 0, leftKg: 20 }).frontalNm).toBeCloseTo(-right, 6)
    expect(posed('carry', { rightKg: 20, leftKg: 20 }).frontalNm).toBeCloseTo(0, 6)
    // Twenty kilos some three decimetres from the spine.
    expect(Math.abs(right) / (20 * 9.81)).toBeGreaterThan(0.15)
    expect(Math.abs(right) / (20 * 9.81)).toBeLessThan(0.45)
  })

  it('a hinge folds more the further it leans', () => {
    const nm = along('hinge', 'leanDeg', [15, 45, 75, 90])
    expect(nm).toEqual([...nm].sort((a, b) => a - b))
  })

  it('a bar in front folds more, the heavier it is', () => {
    const nm = along('frontSquat', 'barKg', [20, 60, 120])
    expect(nm).toEqual([...nm].sort((a, b) => a - b))
  })
})
