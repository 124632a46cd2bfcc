import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { context, item, lift, session } from '../../testing/fixtures'
import { auditWeek } from './audit'
import { proposeWeek, pasteRoutine, weekLedger, weeklyTargets, type TrunkItem, type WeekPlan } from '..'

const SIT_UPS = `Mon 60 min
Back squat 4x5 @ 80 %
Crunch, arms on the chest 3 x 25
Reverse crunch 3x20
Thu
Bench press 5x5 @ 75%
Crunch behind the ears 3 x 25
Dragon wings 3 x 8`
const ledgerOf = (plan: WeekPlan) =>
  weekLedger(plan, weeklyTargets({ ...context, sessions: plan.sessions.length }), context)
const mistakes = (plan: WeekPlan) => auditWeek(plan, ledgerOf(plan), context).map(f => f.mistake)

describe('the audit', () => {
  it('finds what is wrong with three sit-ups after the lifts', () => {
    const { plan } = pasteRoutine(SIT_UPS, STANDARD)
    expect(new Set(mistakes(plan))).toEqual(
      new Set(['onePlane', 'onlySitUps', 'noIntegrated', 'tackedOn', 'bending']),
    )
  })

  it('finds more made than resisted, in full sets: hard bending without a lift beside it', () => {
    const hard: TrunkItem = {
      ...item, variationId: 'flexion.crunch-plate', dose: { sets: 5, amount: 30, unit: 'reps', restS: 30 },
      setting: { loadKg: 20 },
    }
    expect(mistakes({ sessions: [{ ...session, lifts: [], items: [hard] }] })).toContain('making')
    expect(mistakes({ sessions: [{ ...session, items: [{ ...hard, dose: { ...hard.dose, sets: 1 } }] }] }))
      .not.toContain('making')
  })

  it('finds repeats where load is meant and drills above the rung', () => {
    const weak = { ...context, screen: { ...context.screen, rungs: { rotation: 2 } } }
    const heavy: TrunkItem = {
      ...item, variationId: 'rotation.chop-standing', dose: { sets: 3, amount: 20, unit: 'reps', restS: 30 },
    }
    const plan = { sessions: [{ ...session, items: [heavy] }] }
    expect(auditWeek(plan, ledgerOf(plan), weak).map(f => f.mistake)).toEqual(
      expect.arrayContaining(['beyond', 'repsForLoad']),
    )
  })

  it('finds nothing wrong with what the engine proposes, but for what the athlete lacks', () => {
    const days = [0, 2, 4].map(day => ({ ...session, id: `d${day}`, day, lifts: [{ ...lift, id: `l${day}` }] }))
    const { plan } = proposeWeek({ context, sessions: days })
    expect(mistakes(plan).filter(m => m !== 'noIntegrated')).toEqual([])
  })
})
