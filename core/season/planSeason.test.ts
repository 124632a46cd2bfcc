import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  DAY_KINDS, evaluateSeason, repairSeason, taperWeeks, type SeasonDayKind, type SeasonInstance, type SeasonPlan,
} from '.'
import { planSeason } from './planSeason'

const base = (over: Partial<SeasonInstance> = {}): SeasonInstance => ({
  weeks: 2,
  phases: [{ id: 'base', least: 1, most: 10, start: 0, volume: 20 }],
  competitions: [], deloadEvery: 0, ...over,
})
/** Every plan there is for a week or two of one phase, by recounting. */
function cheapestOfAll(instance: SeasonInstance, before: SeasonPlan | null): number {
  const allowed = instance.weekdays ?? [0, 1, 2, 3, 4, 5, 6]
  const tapers = taperWeeks(instance)
  let best = Infinity
  const loads = (at: number, so: SeasonPlan['loads']): SeasonPlan['loads'][] => (at === instance.weeks
    ? [[...so]]
    : (tapers[at]
      ? ['taper' as const]
      : instance.deloadEvery === 0 || instance.volumeRules === false
      ? ['usual' as const]
      : ['usual' as const, 'deload' as const]).flatMap(load => loads(at + 1, [...so, load])))
  const walk = (days: SeasonDayKind[]): void => {
    if (days.length === instance.weeks * 7) {
      for (const load of loads(0, []))
        best = Math.min(
          best,
          evaluateSeason(instance, {
            days,
            phases: days.filter((_, i) => i % 7 === 0).map(() => 0),
            loads: load,
          }, before).cost,
        )
      return
    }
    for (const kind of allowed.includes(days.length % 7) ? DAY_KINDS : (['off'] as const)) walk([...days, kind])
  }
  walk([])
  return best
}
const anyCalendar = fc.record({
  competitions: fc.uniqueArray(
    fc.record({
      day: fc.integer({ min: -1, max: 15 }),
      importance: fc.constantFrom('A' as const, 'B' as const, 'C' as const),
    }),
    { maxLength: 2, selector: c => c.day },
  ),
  practices: fc.uniqueArray(fc.integer({ min: 0, max: 13 }), { maxLength: 2 }),
  closed: fc.uniqueArray(fc.integer({ min: 0, max: 13 }), { maxLength: 2 }),
  volume: fc.integer({ min: 4, max: 24 }),
  deloadEvery: fc.constantFrom(0, 1, 2),
})
const calendar = (
  { volume, ...rest }: { volume: number } & Partial<SeasonInstance>,
  weekdays: number[],
): SeasonInstance => ({ ...base(rest), weekdays, phases: [{ id: 'base', least: 1, most: 10, start: 0, volume }] })

describe('the season engine', () => {
  it('finds the cheapest of all plans there are, two weeks of three training days', () => {
    fc.assert(fc.property(anyCalendar, (given) => {
      const instance = calendar(given, [0, 2, 4])
      const plan = planSeason(instance)
      expect(evaluateSeason(instance, plan).cost).toBeCloseTo(cheapestOfAll(instance, null), 3)
    }), { seed: 71, numRuns: 12 })
  })

  it('repairs with the cheapest of all repairs', () => {
    fc.assert(fc.property(anyCalendar, anyCalendar, (first, then) => {
      const before = planSeason(calendar(first, [0, 2, 4]))
      const instance = calendar({ ...then, volume: first.volume }, [0, 2, 4])
      const { plan } = repairSeason(instance, before)
      expect(evaluateSeason(instance, plan, before).cost).toBeCloseTo(cheapestOfAll(instance, before), 3)
    }), { seed: 72, numRuns: 12 })
  })

  const phases = [{ id: 'offSeason', least: 6, most: 14, start: 0, volume: 24 }, {
    id: 'preSeason', least: 4, most: 8, start: 12, volume: 20,
  }, { id: 'inSeason', least: 8, most: 20, start: 20, volume: 12 }]
  const year: SeasonInstance = {
    weeks: 34, phases,
    competitions: [{ day: 26 * 7 + 5, importance: 'A' }, { day: 22 * 7 + 5, importance: 'B' }],
    practices: [1, 8, 15], weekdays: [0, 1, 3, 4],
  }

  it('puts phases where they are wanted, unloads every fourth week, and tapers before the A-competition', () => {
    const plan = planSeason(year)
    const { gaveWay, volumes } = evaluateSeason(year, plan)
    expect(gaveWay).toEqual([])
    expect([plan.phases.indexOf(1), plan.phases.indexOf(2)]).toEqual([12, 20])
    expect(plan.loads.slice(25, 27)).toEqual(['taper', 'taper'])
    expect(volumes[26]!).toBeLessThanOrEqual(volumes[25]!)
    // 41-60 % less than the phase's 12 units (Bosquet et al. 2007, from memory).
    for (const v of volumes.slice(25, 27)) expect(v >= 12 * 0.4 && v <= 12 * 0.59).toBe(true)
    for (let from = 0; from + 5 <= 24; from++)
      expect(plan.loads.slice(from, from + 5).some(load => load !== 'usual')).toBe(true)
  })

  it('takes a week away for a lighter one', () => {
    const away = planSeason({
      ...base({ weeks: 5, deloadEvery: 4 }), weekdays: [0, 1, 3, 4], closed: [14, 15, 16, 17, 18, 19, 20],
    })
    expect(away.loads.map((load, week) => week !== 2 && load === 'deload')).toEqual([false, false, false, false, false])
    // Also where the plan before calls it a loading week: no other lighter week is asked for because of it.
    const before: SeasonPlan = { ...away, loads: ['usual', 'usual', 'usual', 'usual', 'usual'] }
    const counted = evaluateSeason({
      ...base({ weeks: 5, deloadEvery: 4 }), weekdays: [0, 1, 3, 4], closed: [14, 15, 16, 17, 18, 19, 20],
    }, before)
    expect(counted.wanting.filter(w => w.rule === 'noUnload')).toEqual([])
  })

  it('moved by eight days and back, the season is as it was', () => {
    const plan = planSeason(year)
    const away = { ...year, competitions: [{ day: 26 * 7 + 13, importance: 'A' as const }, year.competitions[1]!] }
    const moved = repairSeason(away, plan)
    expect(moved.changed.length).toBeGreaterThan(0)
    const back = repairSeason(year, moved.plan)
    expect([back.plan.days, back.plan.phases, back.plan.loads]).toEqual([plan.days, plan.phases, plan.loads])
  })

  it('never changes a past or pinned day, and reports every rule that gives way', () => {
    const plan = planSeason(year)
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 237 }), fc.integer({ min: 0, max: 200 }),
        fc.uniqueArray(fc.integer({ min: 0, max: 237 }), { maxLength: 6 }),
        fc.constantFrom('A' as const, 'B' as const),
        (day, today, pins, importance) => {
          const instance = { ...year, competitions: [{ day, importance }] }
          const { plan: after, changed, evaluation } = repairSeason(instance, plan, { today, pins })
          for (let d = 0; d < today; d++) expect(after.days[d]).toBe(plan.days[d])
          for (const pin of pins) expect(after.days[pin]).toBe(plan.days[pin])
          expect(changed.every(c => c.day >= today && !pins.includes(c.day) && c.reason.length > 10)).toBe(true)
          // Only a settled day may break a rule about days.
          for (const { day: broken } of evaluation.gaveWay)
            if (broken !== null)
              expect(broken < today || pins.includes(broken) || pins.includes(broken - 1)).toBe(true)
        },
      ),
      { seed: 73, numRuns: 30 },
    )
  })

  it('comes back with the least bad plan of a calendar that cannot be', () => {
    const crowded = base({
      weeks: 2, closed: Array.from({ length: 14 }, (_, i) => i), competitions: [{ day: 12, importance: 'A' }],
    })
    const { gaveWay } = evaluateSeason(crowded, planSeason(crowded))
    expect(new Set(gaveWay.map(g => g.rule))).toEqual(new Set(['taperVolume']))
  })

  it.each(
    [[{ weeks: 0 }, 'weeks'], [{ phases: [] }, 'phases'], [{ weekdays: [7] }, 'weekdays.0'], [
      { practices: [1.5] }, 'practices.0',
    ]] as const,
  )('refuses %j', (over, field) => {
    expect(() => planSeason(base(over as Partial<SeasonInstance>))).toThrow(expect.objectContaining({ field }) as Error)
  })
})
