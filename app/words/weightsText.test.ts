import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readWeights, writeWeights } from './weightsText'

describe('weights as they are written down', () => {
  it.each([
    ['4-20 by 4, 24', [4, 8, 12, 16, 20, 24]], ['8; 4; 8', [4, 8]], ['2.5 – 10 / 2.5', [2.5, 5, 7.5, 10]], ['', []],
    ['1.25', [1.25]],
  ])('%j are %j', (text, value) => { expect(readWeights(text)).toEqual({ value }) })

  it.each([
    ['many', 'no weight'], ['4-2 by 1', 'no weight'], ['4-8 by 0', 'no weight'], ['0', 'above 0'], ['900', 'up to 600'],
    ['1-500 by 0.1', 'no weight'], ['1-60 by 1, 61-100 by 1', 'different weights'],
  ])('%j is said to be wrong', (text, says) => {
    expect(readWeights(text)).toMatchObject({ problem: expect.stringContaining(says) })
  })

  it('are read back as they were, whatever they are', () => {
    fc.assert(fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 2400 }), { maxLength: 60 }), (quarters) => {
      const weights = quarters.map(quarter => quarter / 4).sort((a, b) => a - b)
      expect(readWeights(writeWeights(weights))).toEqual({ value: weights })
    }), { seed: 8 })
    expect(writeWeights([2, 4, 6, 8, 10, 11])).toBe('2-10 by 2, 11')
  })
})
