import { describe, expect, it } from 'vitest'
import { oneRepMaxKg } from './oneRepMax'

describe('one-repetition maximum', () => {
  // Worked by hand from Epley 1985, Brzycki 1993 and Lombardi 1989 for 100 kg x 5.
  it.each([['epley', 116.667], ['brzycki', 112.5], ['lombardi', 117.462]] as const)('by %s', (formula, kg) => {
    expect(oneRepMaxKg(100, 5, formula)).toBeCloseTo(kg, 2)
  })

  it('is the load itself for one rep', () => {
    expect(oneRepMaxKg(142.5, 1, 'epley')).toBe(142.5)
  })
})
