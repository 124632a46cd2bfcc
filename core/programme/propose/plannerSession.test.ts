import { describe, expect, it } from 'vitest'
import { perAction } from '../../catalogue'
import { context, item, lift, session } from '../../testing/fixtures'
import { liftActionSeconds } from '../week/ledger'
import { layOutSession, liftDurationS } from '../week/sessionLayout'
import { plannerSession, whole } from './plannerSession'

describe('a session as the planner knows it', () => {
  it('has the minutes that lifts and fixed work leave', () => {
    const empty = plannerSession({ ...session, lifts: [] }, context)
    expect(empty.capS).toBe(session.minutes * 60)
    const lifted = plannerSession(session, context)
    expect(lifted.capS).toBe(Math.floor(session.minutes * 60 - liftDurationS(lift) - 2))
    const warm = plannerSession({ ...session, warmUpMinutes: 10, coolDownMinutes: 5 }, context)
    expect(lifted.capS - warm.capS).toBe(15 * 60)
    expect(plannerSession({ ...session, minutes: 1 }, context).capS).toBe(0)
  })

  it('has places in the rests of every lift, as long as the lift takes', () => {
    const { slots } = plannerSession(session, context)
    expect(slots.map(slot => slot.id)).toEqual(['activation', 'paired:squat', 'inside:squat', 'after', 'finisher'])
    expect(slots.filter(slot => slot.paired).map(slot => slot.capS)).toEqual([liftDurationS(lift), liftDurationS(lift)])
  })

  it('counts what lifts and home work give already', () => {
    expect(plannerSession(session, context).lifts).toEqual(whole(liftActionSeconds(lift)))
    const home = { ...item, slot: 'home' as const }
    const given = plannerSession({ ...session, lifts: [], items: [home] }, context).lifts ?? {}
    expect(Object.values(given).reduce((a, b) => a + b, 0)).toBeGreaterThan(0)
  })

  it('gives what the coach keeps room on a day that has none', () => {
    const kept = { ...item, kept: true as const }
    const off = { ...context, seasonDays: Array.from({ length: 7 }, () => 'off' as const) }
    expect(plannerSession({ ...session, items: [] }, off).workCapS).toBe(0)
    expect(plannerSession({ ...session, items: [kept] }, off).workCapS)
      .toBe(layOutSession({ ...session, items: [kept] }, context.screen.catalogue).trunkS)
  })

  it('knows whole seconds above zero only', () => {
    expect(whole({ ...perAction(0), rotation: 0.4, flexion: 2.5, extension: 7 })).toEqual({ flexion: 3, extension: 7 })
  })
})
