import { describe, expect, it } from 'vitest'
import { holdRatios } from './ratios'
import { sideDifferences } from './sideDifference'
import type { TestId, Trial } from '.'

const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const four = (extensor: number, flexor: number, right: number, left: number): Trial[] => [
  trial('extensor', extensor), trial('flexor', flexor), trial('sideBridge', right, { side: 'right' }),
  trial('sideBridge', left, { side: 'left' }),
]

const man = { sex: 'male', ageYears: 22 } as const

describe('ratios of the four holds', () => {
  it('of the published means themselves: the men’s flexor to extensor is 0.99, and not flagged', () => {
    const found = holdRatios(four(146, 144, 94, 97), man)
    expect(found.map(r => [r.id, Number(r.ratio.toFixed(2)), r.flagged])).toEqual([
      ['rightLeft', 0.97, false], ['flexorExtensor', 0.99, false], ['rightExtensor', 0.64, false],
      ['leftExtensor', 0.66, false],
    ])
  })

  it.each([
    [four(100, 100, 70, 70), []], [four(100, 101, 70, 70), ['flexorExtensor']], [four(100, 90, 63, 60), []],
    [four(100, 90, 64, 60), ['rightLeft']], [four(100, 90, 57, 60), []], [four(100, 90, 56, 60), ['rightLeft']],
    [four(100, 90, 76, 76), ['rightExtensor', 'leftExtensor']], [four(100, 90, 75, 75), []],
  ])('pass their lines only past them', (trials, past) => {
    expect(holdRatios(trials, man).filter(r => r.pastLine).map(r => r.id)).toEqual(past)
  })

  // By hand, men: the error of a side is 34 sqrt(.01) = 3.4 s, so 1.96 sqrt(2) 3.4 = 9.4 s between two; of the extensor
  // 51 sqrt(.02) = 7.2 s and of the flexor 76 sqrt(.03) = 13.2 s, so 29.4 s between those two.
  it.each([
    [four(200, 100, 94, 88), []], [four(200, 100, 94, 84), ['rightLeft']], [four(100, 129, 70, 70), []],
    [four(100, 130, 70, 70), ['flexorExtensor']],
  ])('are flagged when they lie further past their line than the error of the holds', (trials, flags) => {
    expect(holdRatios(trials, man).filter(r => r.flagged).map(r => r.id)).toEqual(flags)
  })

  it('flag sides exactly when their difference is believable, never one without the other', () => {
    for (let left = 60; left < 100; left += 1) {
      const trials = four(300, 100, 94, left)
      const ratio = holdRatios(trials, man).find(r => r.id === 'rightLeft')!
      expect(ratio.flagged).toBe(ratio.pastLine && sideDifferences(trials, man, {})[0]!.believable)
    }
  })

  it('are doubted more where two people held the watch', () => {
    const trials = four(200, 100, 94, 80).map((t, i) => ({ ...t, takenBy: i === 3 ? 'b' : 'a' }))
    expect(holdRatios(trials, man)[0]).toMatchObject({ id: 'rightLeft', pastLine: true, flagged: false })
  })

  it('take the best trial, leave out what was not taken, and no trial that pain ended', () => {
    expect(
      holdRatios([
        trial('extensor', 80), trial('extensor', 100), trial('flexor', 50), trial('flexor', 90, { breakPoint: 'pain' }),
      ], man),
    )
      .toEqual([expect.objectContaining({ id: 'flexorExtensor', ratio: 0.5 })])
  })
})
