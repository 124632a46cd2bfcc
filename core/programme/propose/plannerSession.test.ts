import { describe, expect, it } from 'vitest'
import { perAction } from '../../catalogue'
import { context, item, lift, session } from '../../testing/fixtures'
import { liftDurationS, layOutSession } from '../week/sessionLayout'
import { liftFullSets } from '../worth/liftFullSets'
import { hundredths, plannerSession, standsOutside } from './plannerSession'
import { WAKE_UP_S } from './wakeUp'

describe('a session as the planner knows it', () => {
  it('has the minutes that lifts, waking up and fixed work leave', () => {
    const empty = plannerSession({ ...session, lifts: [] }, context, 1)
    expect(empty.capS).toBe(session.minutes * 60)
    const lifted = plannerSession(session, context, 1)
    expect(lifted.capS).toBe(Math.floor(session.minutes * 60 - liftDurationS(lift) - WAKE_UP_S - 2))
    const warm = plannerSession({ ...session, warmUpMinutes: 10, coolDownMinutes: 5 }, context, 1)
    expect(lifted.capS - warm.capS).toBe(15 * 60)
    expect(plannerSession({ ...session, minutes: 1 }, context, 1).capS).toBe(0)
  })

  it('has places in the rests of every lift, as long as the lift takes, and one before for what is fast', () => {
    const { slots } = plannerSession(session, context, 1)
    expect(slots.map(slot => slot.id)).toEqual(['activation', 'paired:squat', 'inside:squat', 'after', 'finisher'])
    expect(slots.filter(slot => slot.paired).map(slot => slot.capS)).toEqual([liftDurationS(lift), liftDurationS(lift)])
    expect(slots[0]!.items).toBe(1)
  })

  it('counts what lifts and home work give already', () => {
    expect(plannerSession(session, context, 1).lifts).toEqual(hundredths(liftFullSets(lift)))
    const home = { ...item, slot: 'home' as const, dose: { ...item.dose, amount: 40 } }
    const given = plannerSession({ ...session, lifts: [], items: [home] }, context, 1).lifts ?? {}
    expect(given.antiLateralFlexion).toBeGreaterThan(50)
  })

  it('shares the minutes of the week, less in season', () => {
    const workCapS = (phase: 'preSeason' | 'inSeason', sessions: number) =>
      plannerSession({ ...session, lifts: [] }, {
        ...context, rules: { ...context.rules, block: { phase, week: 1, weeks: 4, load: 1 } },
      }, sessions).workCapS
    expect([workCapS('preSeason', 4), workCapS('preSeason', 6), workCapS('inSeason', 4)]).toEqual([1050, 1050, 630])
  })

  it('gives what the coach keeps room on a day that has none, and keeps out of the search what stands before', () => {
    const kept = { ...item, kept: true as const }
    const off = { ...context, seasonDays: Array.from({ length: 7 }, () => 'off' as const) }
    const plain = { ...session, lifts: [] }
    expect(plannerSession({ ...plain, items: [] }, off, 1).workCapS).toBe(0)
    expect(plannerSession({ ...plain, items: [kept] }, off, 1).workCapS)
      .toBe(layOutSession({ ...session, items: [kept] }, context.screen.catalogue).trunkS)
    const before = { ...kept, slot: 'activation' as const }
    expect([kept, before, { ...before, kept: undefined }].map(standsOutside)).toEqual([false, true, false])
    expect(plannerSession({ ...session, items: [before] }, context, 1).slots[0]!.items).toBe(1)
  })

  it('knows whole hundredths above zero only', () => {
    expect(hundredths({ ...perAction(0), rotation: 0.004, flexion: 0.025, extension: 0.07 }))
      .toEqual({ flexion: 3, extension: 7 })
  })
})
