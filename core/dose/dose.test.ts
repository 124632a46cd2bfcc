import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DomainError } from '../errors'
import {
  bracedRepS, checkDose, doseSessionS, expandSets, oneRepMaxKg, parseTempo, setCount, tempoSeconds, timeUnderTensionS,
  velocityMS,
  type Dose,
} from '.'

const hold: Dose = { sets: 3, amount: 10, unit: 'seconds', restS: 5 }
const aDose = fc.record({
  sets: fc.integer({ min: 1, max: 10 }),
  amount: fc.integer({ min: 1, max: 600 }),
  unit: fc.constantFrom('seconds', 'reps', 'breaths', 'metres', 'letters'),
  restS: fc.integer({ min: 0, max: 600 }),
}) as fc.Arbitrary<Dose>

describe('tempo', () => {
  it('reads lowering, pause, raising, pause', () => {
    expect(parseTempo('3-1-2-0')).toEqual({ loweringS: 3, bottomS: 1, raisingS: 2, topS: 0 })
  })

  it.each(['', '3-0-3', '3-0-3-0-1', 'a-b-c-d', '-1-0-1-0', '0-0-0-0', '31-0-0-0', '3--3-0'])('refuses %j', (text) => {
    expect(() => tempoSeconds(text)).toThrow(DomainError)
  })
})

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

describe('load-velocity relations', () => {
  // Sanchez-Medina et al. 2017 and Gonzalez-Badillo & Sanchez-Medina 2010, coefficients recalled from memory:
  // putting the speed back into the published polynomial must give the load again.
  it.each([[30], [50], [80], [90], [100]])('are inverted at %d %%', (percent) => {
    const squat = velocityMS('squat', percent)
    expect(-5.961 * squat ** 2 - 50.71 * squat + 117).toBeCloseTo(percent, 9)
    const bench = velocityMS('benchPress', percent)
    expect(8.4326 * bench ** 2 - 73.501 * bench + 112.33).toBeCloseTo(percent, 9)
  })

  // By the squat formula at 0.6 m the rise takes 0.9 s at 80 % and 1.2 s at 90 %.
  it('give the rise of a squat', () => {
    const rise = (percent: number): number =>
      bracedRepS({ setUpS: 0, loweringS: 0, pauseS: 0, rangeM: 0.6, relation: 'squat' }, percent)
    expect(rise(80)).toBeCloseTo(0.9, 1)
    expect(rise(90)).toBeCloseTo(1.2, 1)
  })

  it('slow down as the load grows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 99 }), fc.constantFrom('squat' as const, 'benchPress' as const),
        (percent, relation) => {
          expect(velocityMS(relation, percent + 1)).toBeLessThan(velocityMS(relation, percent))
        },
      ),
      { seed: 3 },
    )
  })

  it('refuse loads outside the measured range', () => {
    expect(() => velocityMS('squat', 20)).toThrow(expect.objectContaining({ field: 'percent1Rm' }))
    expect(() => velocityMS('squat', NaN)).toThrow(DomainError)
  })
})

describe('one-repetition maximum', () => {
  // Worked by hand from Epley 1985, Brzycki 1993 and Lombardi 1989 for 100 kg x 5.
  it.each([['epley', 116.667], ['brzycki', 112.5], ['lombardi', 117.462]] as const)('by %s', (formula, kg) => {
    expect(oneRepMaxKg(100, 5, formula)).toBeCloseTo(kg, 2)
  })

  it('is the load itself for one rep', () => {
    expect(oneRepMaxKg(142.5, 1, 'epley')).toBe(142.5)
  })
})
