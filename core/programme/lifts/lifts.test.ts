import { describe, expect, it } from 'vitest'
import { mainAction, STANDARD, TRUNK_ACTIONS } from '../../catalogue'
import { bracedRepS, LOAD_VELOCITY } from '../../dose'
import { LIFT_IDS, liftAmountMost, liftDose, liftFacts } from './lifts'

const shareOf = (id: Parameters<typeof liftFacts>[0], action: (typeof TRUNK_ACTIONS)[number]): number =>
  liftFacts(id).shares[action] ?? 0

describe('lifts', () => {
  it('are at least thirty-eight, with names of their own', () => {
    const names = LIFT_IDS.map(id => liftFacts(id).name.toLowerCase())
    expect(new Set(names).size).toBe(names.length)
    expect(names.length).toBeGreaterThanOrEqual(38)
  })

  it.each(LIFT_IDS)('%s asks of the trunk no more than all of it, of actions there are, and is limited by something',
    (id) => {
      const { name, shares, limits } = liftFacts(id)
      expect(name.length).toBeGreaterThan(2)
      expect(limits.length).toBeGreaterThan(0)
      expect(new Set(limits).size).toBe(limits.length)
      for (const [action, share] of Object.entries(shares)) {
        expect(TRUNK_ACTIONS).toContain(action)
        expect(share > 0 && share <= 1, action).toBe(true)
      }
      expect(Object.values(shares).reduce((sum: number, share) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9)
    })

  it.each(LIFT_IDS)('%s is braced longer under more load, by a relation that is published or says that it is ours',
    (id) => {
      const { rep } = liftFacts(id)
      const times = [40, 50, 60, 70, 80, 90, 100].map(percent => bracedRepS(rep, percent))
      for (const [i, time] of times.entries()) if (i > 0) expect(time).toBeGreaterThan(times[i - 1] ?? Infinity)
      expect(LOAD_VELOCITY[rep.relation].source ?? 'ours 2026').toMatch(/\d{4}$/)
    })

  it.each(LIFT_IDS)('%s is protected before it is heavy where the low back limits it', (id) => {
    const { axial, limits } = liftFacts(id)
    if (limits.includes('lowBack')) expect(axial).toBe(true)
  })

  it.each(LIFT_IDS)('%s is limited by the low back and the hips where it folds the trunk on both feet', (id) => {
    const { limits, oneSided, counted } = liftFacts(id)
    if (shareOf(id, 'antiFlexion') >= 0.6 && !oneSided && !counted) expect(limits).toContain('lowBack')
  })

  it('ask mainly for what the drill of the same movement asks for', () => {
    const alike = LIFT_IDS.filter(id => liftFacts(id).like)
    expect(alike.length).toBeGreaterThan(9)
    for (const id of alike) {
      const drill = STANDARD.find(liftFacts(id).like ?? '')
      expect(drill, id).toBeDefined()
      expect(mainAction(liftFacts(id).shares), id).toBe(mainAction(drill?.shares ?? {}))
    }
  })

  it('go some way where they are carries and sleds, and are written so', () => {
    expect(liftDose({ lift: 'sledPush', sets: 4, reps: 20 })).toBe('4×20 m')
    expect(liftDose({ lift: 'jerk', sets: 4, reps: 2 })).toBe('4×2')
    expect([liftAmountMost('sledDrag'), liftAmountMost('dip')]).toEqual([100, 30])
    // Forty metres of a heavy carry at 0.8 m/s: 50 seconds.
    expect(40 * bracedRepS(liftFacts('farmersWalk').rep, 90)).toBeCloseTo(50, 6)
  })
})
