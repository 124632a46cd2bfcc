import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findVariation, mainFacts, PLANES, STANDARD } from '../../catalogue'
import { isAdmissible } from '../../screening'
import { context, session } from '../../testing/fixtures'
import { anyContext, anySessions } from '../../testing/arbitraries'
import { isOnCourse, layOutSession, LIFT_IDS, type PlannedSession } from '..'
import { proposeWeek } from './propose'
import { FATIGUING, isHeavyAxial, sessionItems, trunkMinutes, weekConflicts, weekRepeats } from '../../rules'

const heavy = session.lifts[0]!

describe('the proposer', () => {
  it('keeps every hard rule for random athletes and weeks', () => {
    fc.assert(fc.property(anyContext, anySessions, (ctx, sessions) => {
      const { plan, refused, ledger } = proposeWeek({ context: ctx, sessions })
      const items = plan.sessions.flatMap(s => s.items)
      if (refused) expect(items).toEqual([])
      expect(weekConflicts(plan, ctx).filter(c => c.rule !== 'minutes')).toEqual([])
      for (const s of plan.sessions) {
        const { totalS, trunkS } = layOutSession(s, STANDARD)
        // Lifts alone may be longer than the session; trunk work never makes it so.
        if (s.items.length > 0) expect(totalS).toBeLessThanOrEqual(s.minutes * 60)
        expect(trunkS).toBeLessThanOrEqual(trunkMinutes.value.high)
        expect(s.items.length).toBeLessThanOrEqual(sessionItems.value)
        const lastHeavy = s.lifts.findLastIndex(isHeavyAxial)
        for (const it of s.items) {
          const variation = findVariation(it.variationId)!
          expect(isAdmissible(variation, ctx.screen)).toBe(true)
          expect(it.why).toMatch(/\.$/)
          const at = s.lifts.findIndex(l => l.id === it.pairedWith)
          if (variation.fatigue >= FATIGUING && lastHeavy >= 0) {
            expect(it.slot === 'activation' || (it.slot === 'paired' && at <= lastHeavy)).toBe(false)
          }
        }
      }
      if (isOnCourse(ctx.screen)) return
      for (const id of new Set(items.map(i => i.variationId))) {
        expect(items.filter(i => i.variationId === id).length).toBeLessThanOrEqual(weekRepeats.value)
      }
      if (items.some(i => mainFacts(findVariation(i.variationId)!.shares)?.resists === false)) {
        expect(ledger.resistingS).toBeGreaterThan(ledger.makingS)
      }
    }), { seed: 41, numRuns: 250 })
  }, 60_000)

  it('gives the same plan for the same request', () => {
    fc.assert(
      fc.property(anyContext, anySessions, (ctx, sessions) => {
        const { catalogue, ...screen } = ctx.screen
        const again = { ...structuredClone({ ...ctx, screen }), screen: { ...structuredClone(screen), catalogue } }
        expect(proposeWeek({ context: ctx, sessions })).toEqual(
          proposeWeek({ context: again, sessions: structuredClone(sessions) }),
        )
      }),
      { seed: 42, numRuns: 30 },
    )
  }, 30_000)

  const days = [0, 2, 4].map((day): PlannedSession =>
    ({ id: `d${day}`, day, minutes: 75, items: [], lifts: [{ ...heavy, id: `l${day}`, lift: LIFT_IDS[day]! }] }))

  it('covers every plane for an able athlete with three days', () => {
    const { ledger, notes } = proposeWeek({ context, sessions: days })
    for (const plane of PLANES) expect(ledger.planes[plane], plane).toBeGreaterThan(0)
    expect(notes.join()).not.toContain('plane')
  })

  it('puts resisting before making within each place', () => {
    const { plan } = proposeWeek({ context, sessions: days })
    for (const s of plan.sessions) {
      const after = s.items.filter(i => i.slot === 'after').map(i =>
        mainFacts(findVariation(i.variationId)!.shares)?.resists ?? false
      )
      expect(after).toEqual([...after].sort((a, b) => Number(b) - Number(a)))
    }
  })

  it('answers a red flag with referral words and an empty week', () => {
    const red = { ...context, screen: { ...context.screen, flags: ['saddleNumbness' as const] } }
    const proposal = proposeWeek({ context: red, sessions: days })
    expect(proposal.refused).toBe(true)
    expect(proposal.plan.sessions.every(s => s.items.length === 0)).toBe(true)
    expect(proposal.notes[0]).toContain('clinician')
  })

  it('takes an empty week and an athlete with nothing at hand', () => {
    expect(proposeWeek({ context, sessions: [] }).plan.sessions).toEqual([])
    const bare = { ...context, screen: { ...context.screen, equipment: [], braceStep: 1, rungs: {} } }
    const { plan } = proposeWeek({ context: bare, sessions: days })
    expect(plan.sessions.flatMap(s => s.items).length).toBeGreaterThan(0)
  })
})
