import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar'
import { daysOfEntry, entriesOn, seasonInstance, type CalendarEntry, type SeasonShape } from './shape'

const MONDAY = '2026-03-02'
const opening = { braceStep: null, done: null }
const shape: SeasonShape = {
  startsOn: MONDAY, weeks: 16, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [{ phase: 'offSeason', least: 3, most: 8, start: 0, volume: 20, opening }, {
    phase: 'preSeason', least: 3, most: 8, start: 5, volume: 18, opening,
  }, { phase: 'inSeason', least: 3, most: 10, start: 10, volume: 12, opening }],
}
const entry = (over: Partial<CalendarEntry>): CalendarEntry => ({
  id: 'e', kind: 'competition', name: 'Cup', day: '2026-05-16', lastDay: '2026-05-16', importance: 'A', travelBefore: 0,
  travelAfter: 0, weeklyUntil: null, except: [], ...over,
})

describe('the calendar', () => {
  it('knows the days of an entry, over the end of a year and of a leap February', () => {
    expect(daysOfEntry(entry({ day: '2026-12-31', lastDay: '2027-01-01' }))).toEqual(['2026-12-31', '2027-01-01'])
    expect(daysOfEntry(entry({ day: '2028-02-22', lastDay: '2028-02-22', weeklyUntil: '2028-03-08' }))).toEqual([
      '2028-02-22', '2028-02-29', '2028-03-07',
    ])
  })

  it('finds what is on a day as often as it is on it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 3 }), fc.option(fc.integer({ min: 0, max: 60 })),
        fc.uniqueArray(fc.integer({ min: 0, max: 4 })),
        (from, length, until, out) => {
          const day = addDays(MONDAY, from)
          const one = entry({
            day, lastDay: addDays(day, length), weeklyUntil: until === null ? null : addDays(MONDAY, until),
            except: out.map(week => addDays(day, 7 * week)),
          })
          const days = new Set(daysOfEntry(one))
          for (let at = 0; at < 110; at++) expect(entriesOn([one], addDays(MONDAY, at)).length > 0).toBe(
              days.has(addDays(MONDAY, at)),
            )
        },
      ),
      { seed: 811, numRuns: 60 },
    )
  })

  it('becomes numbers: travel around a competition, absences beside closures, what an athlete leaves out', () => {
    const entries = [
      entry({ id: 'cup', day: '2026-03-07', lastDay: '2026-03-08', travelBefore: 2, travelAfter: 1 }),
      entry({ id: 'shut', kind: 'closure', importance: null, day: '2026-03-10', lastDay: '2026-03-11' }),
      entry({ id: 'out', day: '2026-03-20', lastDay: '2026-03-20' }),
    ]
    const found = seasonInstance(shape, entries, {
      absences: [{ from: '2026-03-11', to: '2026-03-12' }], skips: ['out'], opens: { 1: 7 }, pins: [],
    })
    expect([found.competitions.map(c => c.day), found.travel, found.closed, found.phases[1]!.notBefore]).toEqual([
      [5, 6], [4, 3, 7], [8, 9, 10], 7,
    ])
  })
})
