import { describe, expect, it } from 'vitest'
import { momentTime, sameWork, workInWords } from './work'
import { timeUnderTensionS } from './dose'

describe('equal work between schools', () => {
  it.each(
    [
      ['2 x 30 s as 10 s holds', { sets: 2, amount: 30, unit: 'seconds', restS: 30 }, {
        amount: 10, unit: 'seconds', restS: 5,
      }, 6],
      ['5 x 5 at 3-0-3-0 (150 s) as 30 s work', { sets: 5, amount: 5, unit: 'reps', tempo: '3-0-3-0', restS: 60 }, {
        amount: 30, unit: 'seconds', restS: 30,
      }, 5],
      ['6 breaths (30 s) as repeats of 4 s', { sets: 1, amount: 6, unit: 'breaths', restS: 0 }, {
        amount: 4, unit: 'reps', restS: 30,
      }, 2],
      ['26 letters (65 s) as 20 s holds', { sets: 1, amount: 26, unit: 'letters', restS: 0 }, {
        amount: 20, unit: 'seconds', restS: 20,
      }, 3],
    ] as const,
  )('%s', (_, dose, as, sets) => {
    const other = sameWork(dose, as)
    expect(other.sets).toBe(sets)
    const off = timeUnderTensionS(other, 'both') / timeUnderTensionS(dose, 'both')
    expect(off).toBeGreaterThan(0.8)
    expect(off).toBeLessThan(1.25)
  })

  it('multiplies moment by time', () => {
    expect(momentTime({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, 'each', -75)).toBe(4500)
  })
})

describe('work in words', () => {
  it.each([
    [80, 60, 'a third more than'], [60, 60, 'as much as'], [62, 60, 'as much as'], [120, 60, 'twice as much as'],
    [30, 60, 'half as much as'], [45, 60, 'a quarter less than'], [40, 60, 'a third less than'],
    [90, 60, 'half as much again as'], [180, 60, '3 times'], [10, 60, 'much less than'],
  ])(
    '%d s after %d s is %s last Thursday',
    (now, then, words) => expect(workInWords(now, then, 'last Thursday')).toBe(`${words} last Thursday`),
  )

  it('has no words for more than nothing', () => {
    expect(() => workInWords(10, 0, 'last Thursday')).toThrow(expect.objectContaining({ field: 'then' }))
  })
})
