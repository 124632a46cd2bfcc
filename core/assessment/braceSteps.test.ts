import { describe, expect, it } from 'vitest'
import {
  BRACE_STEPS, braceLacks, braceReached, marchCounts, QUADRANTS, type BraceCheck, type Quadrant,
} from './braceSteps'

describe('the brace course', () => {
  const all = Object.keys(QUADRANTS) as Quadrant[]
  const passing = (step: number): BraceCheck => ({
    step, swell: all, breathing: true, count: BRACE_STEPS[step - 1]!.atLeast,
  })

  it('has seven steps in order', () => {
    expect(BRACE_STEPS.map(s => s.step)).toEqual([1, 2, 3, 4, 5, 6, 7])
  })

  it('says what a check lacks', () => {
    expect(braceLacks(passing(3))).toEqual([])
    expect(braceLacks({ step: 2, swell: ['front', 'left', 'right'], breathing: false, count: 1 })).toEqual([
      'No swell yet: back.', 'The breath was held.', '1 of 3 correct repeats.',
    ])
  })

  it('leads on step by step, skips none, and a failed re-check leads back', () => {
    expect(braceReached([passing(1), passing(2), passing(3)], 0)).toBe(3)
    expect(braceReached([passing(1), passing(3)], 0)).toBe(1)
    expect(braceReached([{ ...passing(2), count: 0 }], 4)).toBe(1)
    expect(braceReached([{ ...passing(5), count: 0 }], 3)).toBe(3)
  })

  it('grows the march by two a side a week to its gate', () => {
    expect([0, 1, 2, 3, 9].map(marchCounts)).toEqual([6, 8, 10, 12, 12])
  })
})
