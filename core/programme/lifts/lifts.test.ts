import { describe, expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../../catalogue'
import { bracedRepS } from '../../dose'
import { LIFT_IDS, liftFacts } from './lifts'

describe('lifts', () => {
  it.each(LIFT_IDS)('%s asks of the trunk no more than all of it, of actions there are, and is limited by something',
    (id) => {
      const { name, shares, limits } = liftFacts(id)
      expect(name.length).toBeGreaterThan(2)
      expect(limits.length).toBeGreaterThan(0)
      for (const [action, share] of Object.entries(shares)) {
        expect(TRUNK_ACTIONS).toContain(action)
        expect(share > 0 && share <= 1, action).toBe(true)
      }
    })

  it.each(LIFT_IDS)('%s is braced longer, never shorter, under more load', (id) => {
    const { rep } = liftFacts(id)
    const times = [50, 70, 90].map(percent => bracedRepS(rep, percent))
    expect(times).toEqual([...times].sort((a, b) => a - b))
    expect(times[0]).toBeGreaterThan(0.5)
  })

  it('have names of their own', () => {
    const names = LIFT_IDS.map(id => liftFacts(id).name.toLowerCase())
    expect(new Set(names).size).toBe(names.length)
  })
})
