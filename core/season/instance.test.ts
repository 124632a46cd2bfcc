import { describe, expect, it } from 'vitest'
import { DAY_KINDS, KIND_VOLUMES, SEASON_COSTS } from './instance'

describe('a season as numbers', () => {
  it('counts more units for a harder kind of day, none for a day off', () => {
    const units = DAY_KINDS.map(kind => KIND_VOLUMES[kind])
    expect(units).toEqual([...units].sort((a, b) => a - b))
    expect(new Set(units).size).toBe(DAY_KINDS.length)
    expect(units[0]).toBe(0)
  })

  it('never buys a broken day rule with anything else a season can want', () => {
    const { dayRule, ...rest } = SEASON_COSTS
    // Sixty weeks of every wish together weigh less than one broken rule.
    expect(Object.values(rest).reduce((a, b) => a + b, 0) * 40).toBeLessThan(dayRule)
  })
})
