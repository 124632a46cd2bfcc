import { describe, expect, it } from 'vitest'
import { blockWeekOf, checkBlock, USUAL_LOADS } from './block'

describe('a block', () => {
  const block = { startsOn: '2026-03-02', phase: 'preSeason' as const, loads: USUAL_LOADS }

  it('knows its weeks, the lighter one last, and none outside it', () => {
    const weeks = ['2026-02-23', '2026-03-02', '2026-03-23', '2026-03-30'].map(day =>
      blockWeekOf([block], day)?.load ?? null
    )
    expect(weeks).toEqual([null, 0.9, 0.6, null])
  })

  it('gives way to a later one that overlaps it', () => {
    expect(blockWeekOf([block, { startsOn: '2026-03-16', phase: 'taper', loads: [0.5] }], '2026-03-16')?.phase).toBe(
      'taper',
    )
  })

  it.each([[[]], [[0.1]], [[1.6]], [Array.from({ length: 13 }, () => 1)], [[Number.NaN]]])(
    'is refused with loads %j',
    (loads) => {
      expect(() => checkBlock({ ...block, loads })).toThrow(expect.objectContaining({ field: 'loads' }) as Error)
    },
  )
})
