import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { item, session } from '../../testing/fixtures'
import { anyContext, anySessions } from '../../testing/arbitraries'
import { liftActionSeconds, weekLedger } from './ledger'
import { weeklyTargets, type PlannedSession, type WeekPlan } from '..'

const heavy = session.lifts[0]!
const weekOf = (...sessions: PlannedSession[]): WeekPlan => ({ sessions })

describe('the ledger', () => {
  // By hand: squat 4 x 4 at 80 %; the rise takes 0.6 m / 0.676 m/s = 0.887 s, so a rep is braced 1.5 + 2 + 0.887 =
  // 4.387 s, 16 reps 70.2 s, of which 0.8 resist folding. Side plank 3 x 10 s a side: 60 s against side bend.
  it('adds lifts and drills to what is worked by hand', () => {
    const targets = weeklyTargets({ sport: 'general', sessions: 1, trainingAgeYears: 2, weakLink: null })
    const ledger = weekLedger(
      weekOf({ ...session, lifts: [{ ...heavy, percent1Rm: 80 }], items: [item] }),
      targets, STANDARD,
    )
    const line = (action: string) => ledger.lines.find(l => l.action === action)!
    expect(line('antiFlexion').liftsS).toBeCloseTo(56.15, 1)
    expect(line('antiLateralFlexion').drillsS).toBe(60)
    expect(ledger.leftS).toBe(30)
    expect(ledger.rightS).toBe(30)
    expect(ledger.planes).toEqual({ sagittal: 0, frontal: 1, transverse: 0 })
  })

  it('gives the extra set to its side', () => {
    const targets = weeklyTargets({ sport: 'general', sessions: 1, trainingAgeYears: 2, weakLink: null })
    const ledger = weekLedger(weekOf({ ...session, items: [{ ...item, extraSetSide: 'left' }] }), targets, STANDARD)
    expect([ledger.leftS, ledger.rightS]).toEqual([40, 30])
  })

  it('is linear: two equal sessions weigh twice one', () => {
    fc.assert(fc.property(anyContext, anySessions, (ctx, sessions) => {
      const targets = weeklyTargets({ ...ctx, sessions: sessions.length })
      const once = weekLedger({ sessions }, targets, STANDARD)
      const twice = weekLedger({ sessions: [...sessions, ...sessions] }, targets, STANDARD)
      once.lines.forEach((line, i) => expect(twice.lines[i]!.liftsS).toBeCloseTo(2 * line.liftsS, 6))
    }), { seed: 21, numRuns: 50 })
  })

  it('counts both sides of a one-sided lift', () => {
    const one = liftActionSeconds({ id: 'x', lift: 'oneArmRow', sets: 1, reps: 1, percent1Rm: 65 })
    // 0.5 + 2 s and 0.4 m at the 0.96 m/s of the bench pull relation at 65 %, both arms, 0.4 of it against turning.
    expect(one.antiRotation).toBeCloseTo(2 * (2.5 + 0.4 / 0.9596) * 0.4, 3)
  })
})
