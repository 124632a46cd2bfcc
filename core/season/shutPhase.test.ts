import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar'
import { changedSeason, seasonInstance, type SeasonShape } from './'
import { shutPhase } from './shutPhase'

const MONDAY = '2026-03-02'
const opening = { braceStep: null, done: null }
const shape: SeasonShape = {
  startsOn: MONDAY, weeks: 16, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [{ phase: 'offSeason', least: 3, most: 8, start: 0, volume: 20, opening }, {
    phase: 'preSeason', least: 3, most: 8, start: 5, volume: 18, opening,
  }, { phase: 'inSeason', least: 3, most: 10, start: 10, volume: 12, opening }],
}

describe('a phase that waits', () => {
  const { plan } = changedSeason(
    null,
    { ...shape, phases: [{ ...shape.phases[0]!, opening: { braceStep: 5, done: 0.8 } }, shape.phases[1]!] },
    seasonInstance({ ...shape, phases: shape.phases.slice(0, 2) }, []),
    MONDAY,
  )
  const asking = { ...shape, phases: [{ ...shape.phases[0]!, opening: { braceStep: 5, done: 0.8 } }, shape.phases[1]!] }
  const opens = plan.phases.indexOf(1)
  const at = (week: number): string => addDays(MONDAY, 7 * week + 2)
  const done = (share: number) =>
    Object.fromEntries([opens - 2, opens - 3].map(week => [addDays(MONDAY, 7 * week), share]))

  it('speaks in the week before its phase opens, and not before', () => {
    const state = { braceStep: 4, doneByWeek: done(0.9) }
    expect(shutPhase(asking, plan, state, at(opens - 2))).toBeNull()
    expect(shutPhase(asking, plan, state, at(opens - 1))).toEqual({
      phase: 1, opens: opens + 1, reasons: ['Brace step 4; it asks for 5.'],
    })
    expect(shutPhase(asking, plan, { ...state, braceStep: 5 }, at(opens - 1))).toBeNull()
  })

  it('asks for the share of sets done', () => {
    expect(shutPhase(asking, plan, { braceStep: 7, doneByWeek: done(0.7) }, at(opens - 1))?.reasons).toEqual([
      '70 % of the sets of two weeks done; it asks for 80 %.',
    ])
  })

  it('lets missed weeks come again, as many as were missed', () => {
    const missed = { [addDays(MONDAY, 0)]: 0.2, [addDays(MONDAY, 7)]: 0 }
    expect(shutPhase(asking, plan, { braceStep: 7, doneByWeek: missed }, at(2))).toEqual({
      phase: 1, opens: opens + 2, reasons: ['2 weeks were missed and come again.'],
    })
  })
})
