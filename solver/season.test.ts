import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import type { LinearSolver } from '../core/planner'
import { evaluateSeason, planSeason, repairSeason, type SeasonInstance } from '../core/season'
import { seasonModel } from '../core/testing/seasonOracle'
import { highsSolver } from './highs'

let solver: LinearSolver
beforeAll(async () => { solver = await highsSolver() })

const phase = (id: string) =>
  fc.record({
    id: fc.constant(id), least: fc.integer({ min: 1, max: 3 }), most: fc.integer({ min: 3, max: 8 }),
    start: fc.option(fc.integer({ min: 0, max: 8 })), volume: fc.integer({ min: 4, max: 24 }),
    notBefore: fc.integer({ min: 0, max: 4 }),
  })
const days = (max: number) => fc.uniqueArray(fc.integer({ min: 0, max: 62 }), { maxLength: max })
const anySeason: fc.Arbitrary<SeasonInstance> = fc.record({
  weeks: fc.integer({ min: 3, max: 9 }),
  phases: fc.tuple(phase('a'), phase('b'), phase('c')).chain(all =>
    fc.integer({ min: 1, max: 3 }).map(n => all.slice(0, n))
  ),
  competitions: fc.uniqueArray(
    fc.record({
      day: fc.integer({ min: 0, max: 66 }),
      importance: fc.constantFrom('A' as const, 'B' as const, 'C' as const),
    }),
    { maxLength: 4, selector: c => c.day },
  ),
  matches: days(4), practices: days(8), closed: days(6), travel: days(3), school: days(8),
  weekdays: fc.constantFrom([0, 1, 2, 3, 4, 5, 6], [0, 1, 3, 4], [0, 2, 4]),
  hardDays: fc.constantFrom([0, 3], [0, 1, 2, 3, 4, 5, 6]), deloadEvery: fc.constantFrom(0, 2, 3, 4),
})
/** What the solver says is the least cost, and its bound. */
const least = (instance: SeasonInstance, before: Parameters<typeof seasonModel>[1]): number => {
  const answer = solver({ model: seasonModel(instance, before), whole: true, grain: 1, wallS: 60 })
  expect(answer.status).toBe('optimal')
  return answer.cost
}

describe('a season against a mixed-integer solver (HiGHS), the rules written out a second time', () => {
  it('costs the same: 60 random seasons of 3-9 weeks, up to three phases', () => {
    fc.assert(fc.property(anySeason, (instance) => {
      expect(evaluateSeason(instance, planSeason(instance)).cost).toBeCloseTo(least(instance, null), 3)
    }), { seed: 701, numRuns: 60 })
  })

  it('is repaired at the same cost: 40 random changes of the calendar', () => {
    fc.assert(
      fc.property(anySeason, anySeason, (first, then) => {
        const before = planSeason(first)
        const instance = {
          ...then, weeks: first.weeks, phases: first.phases, weekdays: first.weekdays, hardDays: first.hardDays,
          deloadEvery: first.deloadEvery,
        }
        const { plan } = repairSeason(instance, before)
        expect(evaluateSeason(instance, plan, before).cost).toBeCloseTo(least(instance, before), 3)
      }),
      { seed: 702, numRuns: 40 },
    )
  })
})
