import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkDose, doseSessionS, setCount, timeUnderTensionS, type Dose } from './dose'
import { expandSets } from '.'

const hold: Dose = { sets: 3, amount: 10, unit: 'seconds', restS: 5 }
const aDose = fc.record({
  sets: fc.integer({ min: 1, max: 10 }),
  amount: fc.integer({ min: 1, max: 600 }),
  unit: fc.constantFrom('seconds', 'reps', 'breaths', 'metres', 'letters'),
  restS: fc.integer({ min: 0, max: 600 }),
}) as fc.Arbitrary<Dose>

describe('time of a dose', () => {
  // By hand: 3 sets of 10 s a side = 60 s; two rests of 5 s; 20 s to change: 90 s.
  it('adds work of both sides, rests and the change of drill', () => {
    expect(timeUnderTensionS(hold, 'each')).toBe(60)
    expect(doseSessionS(hold, 'each')).toBe(90)
  })

  // Common practice, no source: 3 s out and 3 s back, five times, is half a minute.
  it('makes five press-outs at 3-0-3-0 thirty seconds', () => {
    expect(timeUnderTensionS({ sets: 1, amount: 5, unit: 'reps', tempo: '3-0-3-0', restS: 0 }, 'both')).toBe(30)
  })

  it('never loses or gains a set when it is laid out', () => {
    fc.assert(
      fc.property(
        aDose, fc.constantFrom('both' as const, 'each' as const),
        fc.constantFrom(null, 'left' as const, 'right' as const),
        (dose, sides, extra) => {
          const slots = expandSets(dose, sides, extra)
          expect(slots).toHaveLength(setCount(dose, sides, extra))
          expect(new Set(slots.map(s => `${s.side}${s.setNumber}`)).size).toBe(slots.length)
        },
      ),
      { seed: 1 },
    )
  })

  it('grows with every set and never falls below its own work', () => {
    fc.assert(fc.property(aDose, (dose) => {
      const more = { ...dose, sets: dose.sets + 1 }
      expect(doseSessionS(more, 'both')).toBeGreaterThan(doseSessionS(dose, 'both'))
      expect(doseSessionS(dose, 'both')).toBeGreaterThanOrEqual(Math.round(timeUnderTensionS(dose, 'both')))
    }), { seed: 2 })
  })

  it.each([
    ['sets', { ...hold, sets: 0 }], ['sets', { ...hold, sets: 2.5 }], ['sets', { ...hold, sets: NaN }],
    ['amount', { ...hold, amount: NaN }], ['amount', { ...hold, amount: 601 }], ['restS', { ...hold, restS: -1 }],
    ['tempo', { ...hold, tempo: 'slow' }],
  ])('names %s when it is wrong', (field, dose) => {
    expect(() => checkDose(dose)).toThrow(expect.objectContaining({ field }))
  })
})
