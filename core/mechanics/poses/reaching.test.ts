import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

describe('rolling out', () => {
  it('arches harder the further the wheel goes and the more is worn', () => {
    const far = along('rollout', 'distanceCm', [70, 100, 130])
    expect(far).toEqual([...far].sort((a, b) => a - b))
    const [without, vest] = along('rollout', 'vestKg', [0, 20], { distanceCm: 110 })
    expect(vest ?? 0).toBeGreaterThan(without ?? Infinity)
  })

  it('is helped by a band that pulls back', () => {
    const [alone, helped] = along('rollout', 'bandBackN', [0, 100], { distanceCm: 110 })
    expect(helped ?? Infinity).toBeLessThan(alone ?? 0)
  })

  it('from the feet asks more than from the knees', () => {
    expect(Math.abs(posed('rolloutStanding', { distanceCm: 190 }).dominantNm))
      .toBeGreaterThan(Math.abs(posed('rollout', { distanceCm: 110 }).dominantNm))
  })

  it('refuses what no arm reaches, and names the distance', () => {
    expect(() => posed('rollout', { distanceCm: 190 })).toThrow(expect.objectContaining({ field: 'distanceCm' }))
  })
})
