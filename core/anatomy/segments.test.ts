import { describe, expect, it } from 'vitest'
import { PAIRED, REFERENCE, SEGMENTS, type Segment, type Sex } from './segments'

const SEXES: Sex[] = ['female', 'male']

describe('segments of the body', () => {
  it.each(SEXES)('weigh the whole body together, both sides counted: %s (de Leva 1996)', (sex) => {
    const all = Object.entries(SEGMENTS[sex]) as [Segment, { massPercent: number }][]
    const total = all.reduce((sum, [name, { massPercent }]) => sum + massPercent * (PAIRED.includes(name) ? 2 : 1), 0)
    expect(total).toBeCloseTo(100, 1)
  })

  it.each(SEXES)('stand on each other to the height of those measured, within what is left out: %s', (sex) => {
    const { head, upperTrunk, midTrunk, lowerTrunk, thigh, shank } = SEGMENTS[sex]
    const length = [head, upperTrunk, midTrunk, lowerTrunk, thigh, shank].reduce((sum, s) => sum + s.lengthMm, 0)
    // The sole under the ankle is missing: some six centimetres and a half.
    expect(length / 1000).toBeGreaterThan(REFERENCE[sex].heightM - 0.1)
    expect(length / 1000).toBeLessThan(REFERENCE[sex].heightM)
  })

  it.each(SEXES)('have their centre within themselves: %s', (sex) => {
    for (const { comPercent } of Object.values(SEGMENTS[sex])) {
      expect(comPercent).toBeGreaterThan(30)
      expect(comPercent).toBeLessThan(80)
    }
  })
})
