import { describe, expect, it } from 'vitest'
import { findVariation } from '../catalogue'
import { ORDER_NOTES } from './ladderOrder'

describe('notes on the order of a ladder', () => {
  it('are of two drills of one branch, the easier below the harder', () => {
    for (const { easier, harder } of ORDER_NOTES) {
      const [low, high] = [findVariation(easier), findVariation(harder)]
      expect([low?.branch === high?.branch, (low?.rung ?? 0) < (high?.rung ?? 0)], `${easier} > ${harder}`)
        .toEqual([true, true])
    }
  })

  it('say why in a sentence, once for each pair', () => {
    expect(ORDER_NOTES.filter(({ why }) => !why.endsWith('.'))).toEqual([])
    expect(new Set(ORDER_NOTES.map(n => `${n.easier} > ${n.harder}`)).size).toBe(ORDER_NOTES.length)
  })
})
