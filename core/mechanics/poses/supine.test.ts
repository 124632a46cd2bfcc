import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

const rising = (values: readonly number[]): boolean =>
  values.every((value, i) => i === 0 || value > (values[i - 1] ?? Infinity))

describe('work on the back', () => {
  it('is harder with longer levers: legs out, knees straight, arms overhead', () => {
    expect(rising(along('deadBug', 'reachPercent', [0, 40, 80, 100]))).toBe(true)
    expect(rising(along('hollow', 'hipDeg', [100, 70, 40, 15], { kneeDeg: 0 }))).toBe(true)
    expect(rising(along('hollow', 'armDeg', [0, 60, 120, 180], { hipDeg: 30, kneeDeg: 0 }))).toBe(true)
  })

  it('is harder with a weight in the hands', () => {
    expect(rising(along('sitUp', 'loadKg', [0, 10, 20]))).toBe(true)
    expect(rising(along('curlUp', 'loadKg', [0, 10, 20], { armDeg: 180 }))).toBe(true)
  })

  it('asks of the other side of the trunk in a bridge than in a hollow', () => {
    const hollow = posed('hollow', { hipDeg: 20, kneeDeg: 0 }).sagittalNm
    expect(Math.sign(posed('bridge').sagittalNm)).toBe(-Math.sign(hollow))
  })

  it('asks most of a sit-up near the floor', () => {
    const nm = along('sitUp', 'trunkDeg', [10, 40, 75])
    expect(rising([...nm].reverse())).toBe(true)
  })
})
