import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar'
import { PHASES } from '../policy'
import {
  changedAthleteSeason, changedSeason, daysOfEntry, entriesOn, gateFinding, KIND_VOLUMES, NO_EXCEPTIONS, planMark,
  seasonInstance, seasonWeek, stretchesOf, type CalendarEntry, type SeasonShape,
} from '.'

const MONDAY = '2026-03-02'
const gate = { braceStep: null, done: null }
const shape: SeasonShape = {
  startsOn: MONDAY, weeks: 16, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [{ phase: 'offSeason', least: 3, most: 8, start: 0, volume: 20, gate }, {
    phase: 'preSeason', least: 3, most: 8, start: 5, volume: 18, gate,
  }, { phase: 'inSeason', least: 3, most: 10, start: 10, volume: 12, gate }],
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

describe('what a week is told', () => {
  const plan = changedSeason(null, shape, seasonInstance(shape, [entry({})]), MONDAY).plan
  const instance = seasonInstance(shape, [entry({})])
  const week = (n: number) => seasonWeek(shape, instance, plan, addDays(MONDAY, 7 * n))!

  it('a taper week asks for 41-60 % less than a usual week of its phase (Bosquet et al. 2007, from memory)', () => {
    const tapers = plan.loads.flatMap((load, n) => (load === 'taper' ? [n] : []))
    expect(tapers.length).toBe(2)
    for (const n of tapers) {
      const { block } = week(n)
      const share = (block.load * PHASES.taper.volume) / PHASES[shape.phases[plan.phases[n]!]!.phase].volume
      expect([block.phase, share >= 0.4 && share <= 0.59]).toEqual(['taper', true])
    }
    const units = tapers.map(n => plan.days.slice(7 * n, 7 * n + 7).reduce((sum, kind) => sum + KIND_VOLUMES[kind], 0))
    expect(units[1]!).toBeLessThan(units[0]!)
    // Frequency is kept: no training day fewer than the rules about days leave.
    expect(plan.days.slice(7 * tapers[0]!, 7 * tapers[0]! + 7).filter(kind => kind !== 'off').length).toBe(4)
  })

  it('blocks run from one lighter week to the next, and every day says why', () => {
    const lighter = plan.loads.indexOf('deload')
    expect([week(0).block.week, week(lighter).block.week, week(lighter + 1).block.week]).toEqual([1, lighter + 1, 1])
    expect(week(lighter).block.load).toBeCloseTo(0.6, 1)
    for (let n = 0; n < shape.weeks; n++) for (const { why } of week(n).days) expect(why.length).toBeGreaterThan(8)
    expect(stretchesOf(shape, plan).reduce((sum, s) => sum + s.weeks, 0)).toBe(shape.weeks)
  })
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

describe('a gate', () => {
  const { plan } = changedSeason(
    null,
    { ...shape, phases: [{ ...shape.phases[0]!, gate: { braceStep: 5, done: 0.8 } }, shape.phases[1]!] },
    seasonInstance({ ...shape, phases: shape.phases.slice(0, 2) }, []),
    MONDAY,
  )
  const gated = { ...shape, phases: [{ ...shape.phases[0]!, gate: { braceStep: 5, done: 0.8 } }, shape.phases[1]!] }
  const opens = plan.phases.indexOf(1)
  const at = (week: number): string => addDays(MONDAY, 7 * week + 2)
  const done = (share: number) =>
    Object.fromEntries([opens - 2, opens - 3].map(week => [addDays(MONDAY, 7 * week), share]))

  it('speaks in the week before its phase opens, and not before', () => {
    const state = { braceStep: 4, doneByWeek: done(0.9) }
    expect(gateFinding(gated, plan, state, at(opens - 2))).toBeNull()
    expect(gateFinding(gated, plan, state, at(opens - 1))).toEqual({
      phase: 1, opens: opens + 1, reasons: ['Brace step 4; the gate asks for 5.'],
    })
    expect(gateFinding(gated, plan, { ...state, braceStep: 5 }, at(opens - 1))).toBeNull()
  })

  it('asks for the share of sets done', () => {
    expect(gateFinding(gated, plan, { braceStep: 7, doneByWeek: done(0.7) }, at(opens - 1))?.reasons).toEqual([
      '70 % of the sets of two weeks done; the gate asks for 80 %.',
    ])
  })

  it('lets missed weeks come again, as many as were missed', () => {
    const missed = { [addDays(MONDAY, 0)]: 0.2, [addDays(MONDAY, 7)]: 0 }
    expect(gateFinding(gated, plan, { braceStep: 7, doneByWeek: missed }, at(2))).toEqual({
      phase: 1, opens: opens + 2, reasons: ['2 weeks were missed and come again.'],
    })
  })
})
