import { describe, expect, it } from 'vitest'
import { checkDose } from '../dose'
import { breaths, holds, letters, metres, reps } from './doses'

describe('doses written short', () => {
  it.each([
    ['seconds', holds(3, 10, 5)], ['reps', reps(3, 8, '2-0-2-0', 45)], ['breaths', breaths(2, 5, 30)],
    ['metres', metres(4, 20, 60)], ['letters', letters(2, 6, 30)],
  ] as const)('are doses in %s that can be given', (unit, dose) => {
    expect(dose.unit).toBe(unit)
    expect(() => { checkDose(dose) }).not.toThrow()
  })
})
