import { describe, expect, it } from 'vitest'
import { sideDifferences } from './sideDifference'
import type { TestId, Trial } from '.'

const man = { sex: 'male', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})

describe('left against right', () => {
  const sides = (left: number[], right: number[]): Trial[] => [
    ...left.map(value => trial('sideBridge', value, { side: 'left' as const })),
    ...right.map(value => trial('sideBridge', value, { side: 'right' as const })),
  ]

  it('worked by hand: error 4.808 s from published reliability, 13.33 s worth believing between single trials', () => {
    const [found] = sideDifferences(sides([80], [94]), man, {})
    expect(found).toMatchObject({ difference: 14, weaker: 'left', believable: true })
    expect(found!.smallest).toBeCloseTo(1.96 * Math.SQRT2 * 34 * Math.sqrt(0.02), 9)
    expect(sideDifferences(sides([81], [94]), man, {})[0]!.believable).toBe(false)
  })

  it('is believed sooner with more trials, and by own repeats once there are enough', () => {
    expect(sideDifferences(sides([84, 86], [93, 97]), man, {})[0]!.believable).toBe(true)
    expect(sideDifferences(sides([84], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 9 } })[0]!.believable)
      .toBe(false)
    expect(sideDifferences(sides([84], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 10 } })[0]!.believable)
      .toBe(true)
  })

  it('without any known error is a size and no verdict', () => {
    const trials = [trial('hinge', 10, { side: 'left' }), trial('hinge', 20, { side: 'right' })]
    expect(sideDifferences(trials, man, {})[0]).toMatchObject({ share: 0.5, believable: null, smallest: null })
  })
})
