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

  it('worked by hand: error 3.4 s from published reliability, 9.42 s worth believing between single trials', () => {
    const [found] = sideDifferences(sides([84], [94]), man, {})
    expect(found).toMatchObject({ difference: 10, weaker: 'left', believable: true })
    expect(found!.smallest).toBeCloseTo(1.96 * Math.SQRT2 * 34 * Math.sqrt(0.01), 9)
    expect(sideDifferences(sides([85], [94]), man, {})[0]!.believable).toBe(false)
  })

  it('is believed sooner with more trials, and by own repeats once there are enough', () => {
    expect(sideDifferences(sides([87, 89], [93, 97]), man, {})[0]!.believable).toBe(true)
    expect(sideDifferences(sides([86], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 9 } })[0]!.believable)
      .toBe(false)
    expect(sideDifferences(sides([86], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 10 } })[0]!.believable)
      .toBe(true)
  })

  it('is believed less where two people held the watch: by hand 1.96 sqrt(2) 34 sqrt(1 - .85) = 36.5 s', () => {
    const trials = sides([60], [94]).map((t, i) => ({ ...t, takenBy: `coach ${i}` }))
    expect(sideDifferences(trials, man, {})[0]).toMatchObject({ believable: false })
    expect(sideDifferences(trials, man, {})[0]!.smallest).toBeCloseTo(36.5, 1)
  })

  it('without any known error is a size and no verdict', () => {
    const trials = [trial('hinge', 10, { side: 'left' }), trial('hinge', 20, { side: 'right' })]
    expect(sideDifferences(trials, man, {})[0]).toMatchObject({ share: 0.5, believable: null, smallest: null })
  })
})
