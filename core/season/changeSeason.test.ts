import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar'
import { changedAthleteSeason, changedSeason } from './changeSeason'
import { NO_EXCEPTIONS, planMark, seasonInstance, type CalendarEntry, type SeasonShape } from '.'

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

describe('a change', () => {
  const entries = (day: string) => [entry({ day, lastDay: day })]
  /** A database gives fields back in another order. */
  const stored = <T>(value: T): T =>
    JSON.parse(
      JSON.stringify(value, (_, v: unknown) => (v !== null && typeof v === 'object' && !Array.isArray(v)
        ? Object.fromEntries(Object.entries(v).reverse())
        : v)),
    ) as T

  it('back and forth restores the plan, wherever the day, whatever order a database keeps fields in', () => {
    fc.assert(
      fc.property(fc.integer({ min: 14, max: 100 }), fc.integer({ min: -10, max: 10 }), (at, by) => {
        const [here, there] = [addDays(MONDAY, at), addDays(MONDAY, at + by)]
        const first = changedSeason(null, shape, seasonInstance(shape, entries(here)), MONDAY).plan
        const moved =
          changedSeason(stored({ shape, plan: first }), shape, seasonInstance(shape, entries(there)), MONDAY).plan
        const back =
          changedSeason(stored({ shape, plan: moved }), shape, seasonInstance(shape, entries(here)), MONDAY).plan
        expect(planMark(back)).toBe(planMark(first))
      }),
      { seed: 812, numRuns: 25 },
    )
  })

  it('of the shape leaves days that are over, also with other phases and weeks', () => {
    const plan = changedSeason(null, shape, seasonInstance(shape, entries('2026-05-16')), MONDAY).plan
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 70 }), fc.integer({ min: 8, max: 24 }), fc.subarray([0, 1, 2], { minLength: 1 }),
        (over, weeks, kept) => {
          const next = { ...shape, weeks, phases: kept.map(i => shape.phases[i]!) }
          const found = changedSeason(
            { shape, plan }, next, seasonInstance(next, entries('2026-05-16')), addDays(MONDAY, over),
            { prefer: 'bestVolumes' },
          )
          const last = Math.min(over, 7 * weeks, plan.days.length)
          expect(found.plan.days.slice(0, last)).toEqual(plan.days.slice(0, last))
          expect(found.plan.days.length).toBe(7 * weeks)
        },
      ),
      { seed: 813, numRuns: 25 },
    )
  })

  it('of nothing leaves an athlete with the group’s plan', () => {
    const plan = changedSeason(null, shape, seasonInstance(shape, entries('2026-05-16')), MONDAY).plan
    const found = changedAthleteSeason(
      { shape, plan }, null, seasonInstance(shape, entries('2026-05-16'), NO_EXCEPTIONS), MONDAY,
    )
    expect([found.changed, planMark(found.plan)]).toEqual([[], planMark(plan)])
  })
})
