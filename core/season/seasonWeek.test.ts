import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar'
import { PHASES } from '../policy'
import { changedSeason, KIND_VOLUMES, seasonInstance, type CalendarEntry, type SeasonShape } from '.'
import { seasonWeek, stretchesOf } from './seasonWeek'

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
