import { describe, expect, it } from 'vitest'
import { DAY_KINDS, type SeasonDayKind, type SeasonInstance, type SeasonPlan } from '.'
import { repairSeason } from './repair'

/** 4 = high … 0 = off. */
const week = (kinds: string): SeasonDayKind[] => kinds.split(' ').map(k => DAY_KINDS[Number(k)]!)
const base = (over: Partial<SeasonInstance> = {}): SeasonInstance => ({
  weeks: 2,
  phases: [{ id: 'base', least: 1, most: 10, start: 0, volume: 20 }],
  competitions: [], deloadEvery: 0, ...over,
})

describe('a repair, against what was worked out by hand', () => {
  it('two weeks of 20 units, an A-competition on day 12: both taper at 8-11, four days change', () => {
    const plan: SeasonPlan = {
      days: [...week('4 3 0 4 3 0 0'), ...week('4 3 0 4 3 0 0')], phases: [0, 0], loads: ['usual', 'usual'],
    }
    const { changed, evaluation, plan: after } = repairSeason(
      base({ competitions: [{ day: 12, importance: 'A' }] }), plan,
    )
    expect(changed).toHaveLength(4)
    expect(after.loads).toEqual(['taper', 'taper'])
    for (const volume of evaluation.volumes) expect(volume >= 8 && volume <= 11).toBe(true)
    expect(evaluation.gaveWay).toEqual([])
  })

  it('Mon 4 Tue 3 Wed 0 Thu 3 Fri 0, an A-competition on Saturday, no volume rules: only Thursday changes', () => {
    const plan: SeasonPlan = { days: week('4 3 0 3 0 0 0'), phases: [0], loads: ['usual'] }
    const { changed } = repairSeason(
      base({ weeks: 1, competitions: [{ day: 5, importance: 'A' }], volumeRules: false }),
      plan,
    )
    expect(changed.map(c => [c.day, c.from, c.reason])).toEqual([[
      3, 'moderate', 'Within 48 h of an A-competition nothing moderate or high.',
    ]])
  })

  it('a pinned day stays though a rule breaks, and the rule is told', () => {
    const plan: SeasonPlan = { days: week('4 3 0 3 0 0 0'), phases: [0], loads: ['usual'] }
    const { changed, evaluation } = repairSeason(
      base({ weeks: 1, competitions: [{ day: 5, importance: 'A' }], volumeRules: false }),
      plan, { pins: [3] },
    )
    expect([changed, evaluation.gaveWay.map(g => [g.rule, g.day])]).toEqual([[], [['within48h', 3]]])
  })
})
