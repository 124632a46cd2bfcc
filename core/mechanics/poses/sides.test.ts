import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

describe('side planks', () => {
  it('bend to the side first of all, more on the feet than on the knees', () => {
    const [feet, knees] = [posed('sidePlank'), posed('sidePlankKnees')]
    expect([feet.dominant, knees.dominant]).toEqual(['frontal', 'frontal'])
    expect(Math.abs(feet.frontalNm)).toBeGreaterThan(Math.abs(knees.frontalNm))
  })

  it('bend more under a weight on the hip', () => {
    const nm = along('sidePlank', 'loadKg', [0, 10, 20, 40])
    expect(nm).toEqual([...nm].sort((a, b) => a - b))
    // A weight over the hip bends in proportion.
    expect((nm[2] ?? 0) - (nm[0] ?? 0)).toBeCloseTo(2 * ((nm[1] ?? 0) - (nm[0] ?? 0)), 6)
  })

  it('turn with a band, the other way with one from behind', () => {
    const [front, none, back] = [60, 0, -60].map(bandN => posed('sidePlank', { bandN }).transverseNm)
    expect(Math.sign((front ?? 0) - (none ?? 0))).toBe(Math.sign((none ?? 0) - (back ?? 0)))
    expect(Math.abs((front ?? 0) - (back ?? 0))).toBeGreaterThan(10)
  })
})
