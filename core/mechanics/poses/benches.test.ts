import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

describe('work over a bench', () => {
  it('asks most with the trunk level, less above and below', () => {
    const at = (trunkDeg: number): number => Math.abs(posed('benchExtension', { trunkDeg }).dominantNm)
    expect([at(0) > at(40), at(40) > at(75)]).toEqual([true, true])
  })

  it('asks more with the arms further out, and with a weight held', () => {
    const arms = along('benchExtension', 'armDeg', [0, 90, 180])
    expect(arms).toEqual([...arms].sort((a, b) => a - b))
    const [without, held] = along('benchTrunkUp', 'loadKg', [0, 10], { armDeg: 180 })
    expect(held ?? 0).toBeGreaterThan(without ?? Infinity)
  })

  it('pressing with one arm turns the trunk, more the further it hangs over the edge', () => {
    const off = [0, 50, 100].map(offPercent => Math.abs(posed('oneArmPress', { offPercent }).transverseNm))
    expect(off).toEqual([...off].sort((a, b) => a - b))
  })

  it('rowing with one arm turns the trunk by what is rowed', () => {
    const [none, some] = [0, 30].map(loadKg => Math.abs(posed('oneArmRow', { loadKg }).transverseNm))
    expect(some ?? 0).toBeGreaterThan(none ?? Infinity)
  })
})
