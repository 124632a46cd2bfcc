import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sportOf, SPORT_PROFILE_IDS } from '~~/core/programme'
import { planSeason, seasonInstance } from '~~/core/season'
import { ANY_YEAR, firstShape } from './firstShape'

const MONDAY = '2026-03-02'

describe('a season to begin with', () => {
  it('is a usual year of the sport, from the week’s Monday, and can be planned', () => {
    for (const id of SPORT_PROFILE_IDS) {
      const shape = firstShape('2026-03-04', sportOf(id).character.season)
      expect([shape.startsOn, shape.weeks], id).toEqual([MONDAY, 52])
      const { phases } = planSeason(seasonInstance(shape, []))
      expect(new Set(phases), id).toEqual(new Set(shape.phases.map((_, i) => i)))
    }
  })

  it('of a squad without athletes has every phase', () => {
    const { phases, weeks } = firstShape(MONDAY, ANY_YEAR)
    expect([weeks, phases.map(p => p.phase)]).toEqual([
      36, ['offSeason', 'preSeason', 'inSeason', 'transition'],
    ])
  })

  it('leaves out what a year has none of, and always fits its own weeks', () => {
    const weeks = fc.integer({ min: 0, max: 52 })
    fc.assert(fc.property(weeks, weeks, weeks, weeks, (offSeason, preSeason, inSeason, transition) => {
      const { phases, weeks: all } = firstShape(MONDAY, { offSeason, preSeason, inSeason, transition })
      expect(phases).toHaveLength([offSeason, preSeason, inSeason, transition].filter(w => w > 0).length)
      if (phases.length === 0) return
      expect(phases.reduce((sum, p) => sum + p.least, 0)).toBeLessThanOrEqual(all)
      expect(phases.reduce((sum, p) => sum + p.most, 0)).toBeGreaterThanOrEqual(all)
      expect(phases.map(p => p.start)).toEqual([...phases.map(p => p.start)].sort((a, b) => a! - b!))
    }))
  })
})
