import { describe, expect, it } from 'vitest'
import { liftFullSets } from './liftFullSets'

describe('full sets of lifts', () => {
  // Epley 1985 read backwards: 2.6 repeats at 92 %, 36.7 at 45 %.
  it('are sets to the limit: 4 x 3 at 92 % are 4, 4 x 12 at 45 % are 1.3', () => {
    const all = (sets: number, reps: number, percent1Rm: number): number => {
      const full = liftFullSets({ id: 'a', lift: 'backSquat', sets, reps, percent1Rm })
      const one = liftFullSets({ id: 'a', lift: 'backSquat', sets: 1, reps: 30, percent1Rm: 100 })
      return full.antiFlexion / one.antiFlexion
    }
    expect(all(4, 3, 92)).toBeCloseTo(4, 9)
    expect(all(4, 12, 45)).toBeCloseTo(4 * 12 / (30 * (1 / 0.45 - 1)), 9)
    expect(all(4, 12, 45)).toBeCloseTo(1.3, 1)
  })
})
