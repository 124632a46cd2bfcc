import { describe, expect, it } from 'vitest'
import { removals } from '../../screening'
import { CENTRE } from '../../testing/centreAthletes'
import { notSigned } from '../../testing/coachStandard'
import type { PhaseId } from '../../policy'
import type { ProposalRequest } from './proposeWeek'
import { itemEffort, proposeWeek, type WeekProposal } from '..'

describe('a week by effort', () => {
  it.each(CENTRE)('is signed by a coach: $name', ({ request }) => {
    expect(notSigned(request.context, proposeWeek(request))).toEqual([])
  })
})

const [first] = CENTRE
const { request } = CENTRE.find(one => one.name.includes('fieldCourt, male, 24, brace 7'))!
const { context } = request
const itemsOf = (week: WeekProposal, of: ProposalRequest) =>
  week.plan.sessions.flatMap(({ items }) => items.map(item => ({ item, ...itemEffort(item, of.context)! })))
const workOf = (week: WeekProposal, of: ProposalRequest) => itemsOf(week, of).filter(one => one.kind === 'work')
const asked = (week: WeekProposal, of = request): string[] => workOf(week, of).map(one => one.item.variationId)
const inPhase = (phase: PhaseId): ProposalRequest => ({
  ...request, context: { ...context, rules: { ...context.rules, block: { phase, week: 2, weeks: 4, load: 1 } } },
})

describe('weeks beside one another', () => {
  it('hold less from phase to phase, and a taper keeps how heavy a set is', () => {
    const weeks = (['offSeason', 'preSeason', 'inSeason', 'taper'] as const).map((phase) => {
      const week = proposeWeek(inPhase(phase))
      return {
        r: new Map(workOf(week, inPhase(phase)).map(one => [one.item.variationId, one.effort.r])),
        volume: week.ledger.lines.reduce((sum, line) => sum + line.drills, 0),
      }
    })
    weeks.slice(1).forEach(({ volume }, i) => { expect(volume).toBeLessThanOrEqual(weeks[i]!.volume + 0.5) })
    // A drill that is there in both is as heavy in the taper as it was.
    const both = [...weeks[3]!.r].filter(([id]) => weeks.slice(0, 3).some(({ r }) => r.has(id)))
    expect(both.length).toBeGreaterThan(0)
    for (const [id, r] of both)
      for (const { r: before } of weeks.slice(0, 3))
        if (before.has(id)) expect(r, id).toBeCloseTo(before.get(id) ?? 0, 6)
  })

  it('are the same for the same request, and differ by a third or more between sports', () => {
    const again = proposeWeek(request)
    expect(proposeWeek(structuredCloneOf(request))).toEqual(again)
    const other = proposeWeek({ ...request, context: { ...context, sport: 'swimming' } })
    const [a, b] = [new Set(asked(again)), new Set(asked(other))]
    expect([...a].filter(id => b.has(id)).length / Math.max(a.size, b.size)).toBeLessThanOrEqual(2 / 3)
  })

  it('keep two thirds of last week’s drills, one step on where its sets were clean, and as they were else', () => {
    const last = proposeWeek(request)
    const given = new Map(last.plan.sessions.flatMap(s => s.items).map(item => [item.variationId, item]))
    const on = Object.fromEntries([...given.keys()].map(id => [id, 'on' as const]))
    for (const progress of [{}, on]) {
      const next = proposeWeek({ ...request, context: { ...context, progress } }, { before: last.plan })
      const [old, now] = [new Set(asked(last)), new Set(asked(next))]
      expect([...old].filter(id => now.has(id)).length / old.size).toBeGreaterThanOrEqual(2 / 3)
      let changed = 0
      for (const { item: { variationId, dose, setting } } of workOf(next, request)) {
        const was = given.get(variationId)
        if (!was) continue
        const [more, heavier] = [dose.amount - was.dose.amount, (setting.loadKg ?? 0) - (was.setting.loadKg ?? 0)]
        expect([more >= 0 && more <= 5, heavier >= 0, more === 0 || heavier === 0], variationId)
          .toEqual([true, true, true])
        changed += more > 0 || JSON.stringify(setting) !== JSON.stringify(was.setting) ? 1 : 0
      }
      expect(changed > 0).toBe(progress === on)
    }
  })

  it('are none under a red flag, and never hold what a flag or an age takes away', () => {
    const red = { ...request, context: { ...context, screen: { ...context.screen, flags: ['chestPain' as const] } } }
    expect(itemsOf(proposeWeek(red), red)).toEqual([])
    for (const { request: one } of CENTRE) {
      for (const { item } of itemsOf(proposeWeek(one), one)) {
        const variation = one.context.screen.catalogue.find(item.variationId)!
        expect(removals(variation, one.context.screen), item.variationId).toEqual([])
      }
    }
  }, 120_000)

  it('go no further than an amber flag allows, and take no load from an old plan that may not be given', () => {
    const sore = {
      ...request, context: { ...context, screen: { ...context.screen, flags: ['backPainBending' as const] } },
    }
    const heavy = request.sessions.map(session => ({
      ...session, items: [{
        id: session.id, variationId: 'carries.suitcase', slot: 'after' as const, pairedWith: null, extraSetSide: null,
        dose: { sets: 2, amount: 30, unit: 'metres' as const, restS: 60 }, setting: { loadKg: 150 }, why: '',
      }],
    }))
    for (const { item, effort, kind } of itemsOf(proposeWeek(sore, { before: { sessions: heavy } }), sore)) {
      if (kind === 'work') expect(effort.effort, item.variationId).toBeLessThanOrEqual(0.6)
      expect(item.setting.loadKg ?? 0).toBeLessThan(150)
    }
  })

  it('say why each drill is here by how far it goes, never by seconds', () => {
    for (const { item, kind } of itemsOf(proposeWeek(first!.request), first!.request)) {
      expect(item.why).toMatch(kind === 'work' ? /goes about \d+ % of the way to the own limit\./ : /\.$/)
      expect(item.why).not.toMatch(/\d+ s\b/)
    }
  })
})

/** The same in other objects; the catalogue holds functions. */
function structuredCloneOf({ context: { screen: { catalogue, ...screen }, ...rest }, sessions }: ProposalRequest) {
  return {
    context: { ...structuredClone(rest), screen: { ...structuredClone(screen), catalogue } },
    sessions: structuredClone(sessions),
  }
}
