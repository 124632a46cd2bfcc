import { describe, expect, it } from 'vitest'
import { holdRatios } from './ratios'
import type { TestId, Trial } from '.'

const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const four = (extensor: number, flexor: number, right: number, left: number): Trial[] => [
  trial('extensor', extensor), trial('flexor', flexor), trial('sideBridge', right, { side: 'right' }),
  trial('sideBridge', left, { side: 'left' }),
]

describe('ratios of the four holds', () => {
  it('of the published means themselves: the men’s flexor to extensor is 0.99, and not flagged', () => {
    const found = holdRatios(four(146, 144, 94, 97))
    expect(found.map(r => [r.id, Number(r.ratio.toFixed(2)), r.flagged])).toEqual([
      ['rightLeft', 0.97, false], ['flexorExtensor', 0.99, false], ['rightExtensor', 0.64, false],
      ['leftExtensor', 0.66, false],
    ])
  })

  it.each([
    [four(100, 100, 70, 70), []], [four(100, 101, 70, 70), ['flexorExtensor']], [four(100, 90, 63, 60), []],
    [four(100, 90, 64, 60), ['rightLeft']], [four(100, 90, 57, 60), []], [four(100, 90, 56, 60), ['rightLeft']],
    [four(100, 90, 76, 76), ['rightExtensor', 'leftExtensor']], [four(100, 90, 75, 75), []],
  ])('are flagged past their lines only', (trials, flags) => {
    expect(holdRatios(trials).filter(r => r.flagged).map(r => r.id)).toEqual(flags)
  })

  it('take the best trial, leave out what was not taken, and no trial that pain ended', () => {
    expect(
      holdRatios([
        trial('extensor', 80), trial('extensor', 100), trial('flexor', 50), trial('flexor', 90, { breakPoint: 'pain' }),
      ]),
    )
      .toEqual([expect.objectContaining({ id: 'flexorExtensor', ratio: 0.5 })])
  })
})
