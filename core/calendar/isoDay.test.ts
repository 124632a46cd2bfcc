import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, dayNumber, daysBetween, isTrainingDay, mondayOf, weekdayOf } from '.'

const day = fc.integer({ min: -20_000, max: 40_000 }).map(n => addDays('1970-01-01', n))

describe('training days', () => {
  it('knows that 29 February 2024 was a Thursday', () => {
    expect(weekdayOf('2024-02-29')).toBe(3)
  })

  it('goes there and back', () => {
    fc.assert(fc.property(day, fc.integer({ min: -1000, max: 1000 }), (start, n) => {
      expect(addDays(addDays(start, n), -n)).toBe(start)
      expect(daysBetween(start, addDays(start, n))).toBe(n)
    }), { seed: 1 })
  })

  it('puts every day in the week of its Monday', () => {
    fc.assert(fc.property(day, (d) => {
      expect(weekdayOf(mondayOf(d))).toBe(0)
      expect(daysBetween(mondayOf(d), d)).toBe(weekdayOf(d))
    }), { seed: 2 })
  })

  it.each([['1899-12-31', false], ['1900-01-01', true], ['2026-02-28', true], ['2026-02-31', false], [
    '9999-12-27', false,
  ], ['', false]])(
    'says whether training can happen on %j: %s',
    (text, can) => {
      expect(isTrainingDay(text)).toBe(can)
    })

  it.each(['2026-02-30', '2026-13-01', '26-01-01', '', 'today', '2026-1-1'])('refuses %j', (text) => {
    expect(() => dayNumber(text)).toThrow(expect.objectContaining({ field: 'day' }))
  })
})
