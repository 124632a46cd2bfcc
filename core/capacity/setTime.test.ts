import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { secondsOf } from '../dose'
import { secondsAlong } from './setTime'

describe('the seconds of a set along its path', () => {
  it('of a hold, a carry or letters are spent where most is asked', () => {
    expect(secondsAlong({ unit: 'seconds', amount: 30 }, 1)).toEqual([30])
    expect(secondsAlong({ unit: 'metres', amount: 40 }, 1)).toEqual([50])
    expect(secondsAlong({ unit: 'letters', amount: 4 }, 5)).toEqual([0, 0, 0, 0, 10])
  })

  it('of repeats are even both ways, the longer pause at the hard end whichever it is called', () => {
    expect(secondsAlong({ unit: 'reps', amount: 1, tempo: '2-0-2-8' }, 5)).toEqual([0.5, 1, 1, 1, 8.5])
    expect(secondsAlong({ unit: 'reps', amount: 1, tempo: '2-3-2-1' }, 5)).toEqual([1.5, 1, 1, 1, 3.5])
    expect(secondsAlong({ unit: 'reps', amount: 3 }, 5)).toEqual([1.5, 3, 3, 3, 1.5])
  })

  it('sum to the time under tension of the set, whatever it is counted in', () => {
    const tempo = fc.tuple(...Array.from({ length: 4 }, () => fc.integer({ min: 1, max: 9 }))).map(t => t.join('-'))
    fc.assert(fc.property(
      fc.constantFrom('seconds', 'reps', 'breaths', 'metres', 'letters'), fc.integer({ min: 1, max: 60 }), tempo,
      fc.constantFrom(1, 5),
      (unit, amount, written, positions) => {
        const set = { unit, amount, ...(unit === 'reps' ? { tempo: written } : {}) }
        const sum = secondsAlong(set, positions).reduce((a, b) => a + b, 0)
        expect(sum).toBeCloseTo(secondsOf(amount, unit, set.tempo), 9)
      },
    ))
  })
})
