import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  isOnCourse, itemFullSets, layOutSession, mostServed, proposeWeek, weekAsNumbers, weeklyTargets, type PlannedSession,
} from '..'
import { FATIGUING, isHeavyAxial, sessionItems, trunkMinutes, weekConflicts, weekRepeats } from '../../rules'
import { ACTION_FACTS, findVariation, kindOf, PLANES, STANDARD } from '../../catalogue'
import { isAdmissible } from '../../screening'
import { anyContext, anySessions } from '../../testing/arbitraries'
import { context, item, session } from '../../testing/fixtures'

const BRIEF = { steps: 400, restarts: 1, preferenceSteps: 200 }
const lift = (id: string, percent1Rm = 82) => ({ id, lift: 'backSquat' as const, sets: 4, reps: 4, percent1Rm })
const days = [0, 2, 4].map((day): PlannedSession => ({
  id: `d${day}`, day, minutes: 75, items: [], lifts: [lift(`l${day}`)],
}))

describe('a proposed week', () => {
  it('for any athlete gives no forbidden drill, breaks no rule, and tells everything that is wanting', () => {
    fc.assert(fc.property(anyContext, anySessions, (ctx, sessions) => {
      const { plan, refused, ledger, proof, targets } = proposeWeek({ context: ctx, sessions }, { budget: BRIEF })
      const items = plan.sessions.flatMap(s => s.items)
      if (refused) {
        expect([items, proof]).toEqual([[], null])
        return
      }
      expect(weekConflicts(plan, ctx).filter(c => c.rule !== 'minutes')).toEqual([])
      // The brace course leaves nothing to choose: it has a test of its own.
      if (isOnCourse(ctx.screen)) return
      for (const s of plan.sessions) {
        const { totalS, trunkS } = layOutSession(s, STANDARD)
        if (s.items.some(i => i.slot !== 'activation')) expect(totalS).toBeLessThanOrEqual(s.minutes * 60)
        expect(trunkS).toBeLessThanOrEqual(trunkMinutes.value.high)
        expect(s.items.length).toBeLessThanOrEqual(sessionItems.value)
        for (const it of s.items) {
          expect(isAdmissible(findVariation(it.variationId)!, ctx.screen)).toBe(true)
          expect(it.why).toMatch(/\.$/)
        }
      }
      const work = items.filter(i => i.slot !== 'activation').map(i => i.variationId)
      for (const id of new Set(work))
        expect(work.filter(one => one === id).length).toBeLessThanOrEqual(weekRepeats.value)
      expect(proof!.bound).toBeLessThanOrEqual(proof!.goal)
      const bare = sessions.map(s => ({ ...s, items: [] }))
      const { instance } = weekAsNumbers(ctx, bare, targets)
      // A goal of nothing means that nothing open is short in the ledger (but for rounding).
      if (proof!.goal > 0) return
      for (const line of ledger.lines)
        if (instance.bands[line.action]!.low > 0) expect(line.short, line.action).toBeLessThan(0.1)
    }), { seed: 51, numRuns: 250 })
  }, 240_000)

  it('meets every plane and puts resisting before making for an able athlete with three days', () => {
    const { ledger, plan, proof } = proposeWeek({ context, sessions: days })
    for (const plane of PLANES) expect(ledger.planes[plane], plane).toBeGreaterThan(0)
    expect(ledger.resisting).toBeGreaterThan(ledger.making)
    expect(proof!.goal).toBeLessThan(2)
    for (const s of plan.sessions) {
      const after = s.items.filter(i => i.slot === 'after' && kindOf(findVariation(i.variationId)!) === 'work').map(i =>
        ACTION_FACTS[mostServed(itemFullSets(i, context))!].resists
      )
      expect(after).toEqual([...after].sort((a, b) => Number(b) - Number(a)))
      if (s.lifts.some(isHeavyAxial))
        for (const i of s.items.filter(it => it.slot === 'activation'))
          expect(findVariation(i.variationId)!.fatigue).toBeLessThan(FATIGUING)
    }
  })

  it('keeps the drills of last week where they serve', () => {
    const first = proposeWeek({ context, sessions: days })
    const again = proposeWeek({ context, sessions: days }, { before: first.plan })
    const of = (p: typeof first): Set<string> => new Set(p.plan.sessions.flatMap(s => s.items.map(i => i.variationId)))
    const kept = [...of(again)].filter(id => of(first).has(id))
    expect(kept.length).toBeGreaterThanOrEqual(Math.ceil(of(again).size / 2))
  })

  it('leaves what the coach keeps where it is, in its own dose and words, and plans the rest around it', () => {
    const kept = {
      id: 'mine', variationId: 'side-plank.feet',
      dose: { sets: 7, amount: 13, unit: 'seconds' as const, restS: 9 },
      slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: { loadKg: 2 }, why: 'Because I say so.',
      kept: true as const,
    }
    const loose = { ...kept, id: 'loose', variationId: 'front-plank.knees', kept: undefined }
    const { plan } = proposeWeek({
      context,
      sessions: days.map((s, i) => (i === 1 ? { ...s, items: [kept, loose] } : s)),
    })
    expect(plan.sessions[1]!.items).toContainEqual(kept)
    expect(plan.sessions.flatMap(s => s.items).filter(i => i.id === 'loose')).toEqual([])
    // The coach's own dose is nobody else's.
    expect(plan.sessions.flatMap(s => s.items).filter(i => i.dose.sets === 7)).toHaveLength(1)
    expect(plan.sessions.flatMap(s => s.items).length).toBeGreaterThan(3)
    expect(weekConflicts(plan, context)).toEqual([])
    const hurt = { ...context, screen: { ...context.screen, flags: ['shoulder' as const] } }
    const there = proposeWeek({ context: hurt, sessions: days.map((s, i) => (i === 1 ? { ...s, items: [kept] } : s)) })
    expect(there.plan.sessions.flatMap(s => s.items).filter(i => i.variationId === kept.variationId)).toEqual([])
    expect(there.notes.join(' ')).toContain('was kept and may not be given')
  })

  it('keeps a drill that was moved, one whose lift is gone, and the same one twice, each under its own name', () => {
    const first = proposeWeek({ context, sessions: days }).plan.sessions
    const moved = { ...first[0]!.items[0]!, kept: true as const }
    const widow = {
      ...moved, id: 'widow', variationId: 'side-plank.knees', slot: 'paired' as const, pairedWith: 'gone',
    }
    const twin = { ...widow, id: 'twin', slot: 'after' as const, pairedWith: null }
    const { plan } = proposeWeek({
      context,
      sessions: [days[0]!, { ...days[1]!, items: [moved, widow, twin] }, days[2]!],
    })
    for (const item of [moved, widow, twin]) expect(plan.sessions[1]!.items).toContainEqual(item)
    const ids = plan.sessions.flatMap(s => s.items.map(i => i.id))
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('gives the same week for the same request, and nothing on a competition day', () => {
    const cup = { ...context, competitionDays: [4] }
    const one = proposeWeek({ context: cup, sessions: days })
    expect(proposeWeek({ context: cup, sessions: structuredClone(days) })).toEqual(one)
    expect(one.plan.sessions[2]!.items).toEqual([])
    expect(one.targets).toEqual(weeklyTargets({ ...cup, sessions: 3 }))
  })

  it('puts nothing new but easy work in the two days before a competition', () => {
    const sessions = [0, 2, 3].map(day => ({ ...session, id: `d${day}`, day, lifts: [], items: [] }))
    const before = { sessions: [{ ...session, items: [item] }] }
    const near = { ...context, competitionDays: [5] }
    const { plan } = proposeWeek({ context: near, sessions }, { before })
    const twoBefore = plan.sessions.find(s => s.day === 3)!.items
    expect(twoBefore.every(i => i.variationId === item.variationId || STANDARD.find(i.variationId)!.fatigue === 1))
      .toBe(true)
    // Away from it new drills come in: the rule is about the days, not the drills.
    expect(
      plan.sessions.find(s => s.day === 0)!.items.some(i =>
        i.variationId !== item.variationId && STANDARD.find(i.variationId)!.fatigue > 1
      ),
    ).toBe(true)
  })

  it('keeps to the kinds of day that a season wants', () => {
    const sessions = [0, 1, 2, 3].map(day => ({ ...session, id: `d${day}`, day, lifts: [], items: [] }))
    const { plan } = proposeWeek({
      context: { ...context, seasonDays: ['high', 'off', 'low', 'activation', null, null, null] },
      sessions,
    })
    const [high, off, low, activation] = plan.sessions
    expect([high!.items.length > 0, off!.items]).toEqual([true, []])
    expect(low!.items.every(i => STANDARD.find(i.variationId)!.fatigue < FATIGUING)).toBe(true)
    expect(activation!.items.every(i => i.slot === 'activation' && STANDARD.find(i.variationId)!.fatigue === 1)).toBe(
      true,
    )
    const trunk = [high!, low!, activation!].map(s => layOutSession(s, STANDARD).trunkS)
    expect([trunk[1]! <= 8 * 60, trunk[2]! <= 5 * 60]).toEqual([true, true])
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
