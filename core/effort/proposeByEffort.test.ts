import { describe, expect, it } from 'vitest'
import { CENTRE } from '../testing/centreAthletes'
import { notSigned } from '../testing/coachStandard'
import { removals } from '../screening'
import { proposeByEffort } from './proposeByEffort'

describe('a week by effort', () => {
  it.each(CENTRE)('is signed by a coach: $name', ({ request, sessions }) => {
    expect(notSigned(request, proposeByEffort(request, sessions))).toEqual([])
  })
})

const [first] = CENTRE
const { request, sessions } = CENTRE.find(one => one.name.includes('fieldCourt, male, 24, brace 7'))!
const asked = (week: ReturnType<typeof proposeByEffort>): string[] =>
  week.sessions.flatMap(({ items }) => items.filter(one => one.kind === 'work').map(one => one.item.variationId))
const inPhase = (phase: 'offSeason' | 'preSeason' | 'inSeason' | 'taper') => ({
  ...request,
  context: { ...request.context, rules: { ...request.context.rules, block: { phase, week: 2, weeks: 4, load: 1 } } },
})

describe('weeks beside one another', () => {
  it('hold less from phase to phase, and a taper keeps how heavy a set is', () => {
    const weeks = (['offSeason', 'preSeason', 'inSeason', 'taper'] as const).map(phase =>
      proposeByEffort(inPhase(phase), sessions))
    const volumes = weeks.map(week => Object.values(week.ledger).reduce((sum, line) => sum + line.drills, 0))
    volumes.slice(1).forEach((volume, i) => { expect(volume).toBeLessThanOrEqual(volumes[i]! + 0.5) })
    const hardest = weeks.map(week => Math.max(...week.sessions.flatMap(s => s.items.map(one => one.effort?.r ?? 0))))
    expect(hardest[3]!).toBeGreaterThan(hardest[0]! * 0.85)
  })

  it('are the same for the same request, and differ by a third or more between sports', () => {
    const again = proposeByEffort(request, sessions)
    expect(proposeByEffort(request, sessions)).toEqual(again)
    const other = proposeByEffort({ ...request, context: { ...request.context, sport: 'swimming' } }, sessions)
    const [a, b] = [new Set(asked(again)), new Set(asked(other))]
    expect([...a].filter(id => b.has(id)).length / Math.max(a.size, b.size)).toBeLessThanOrEqual(2 / 3)
  })

  it('keep two thirds of last week’s drills, one small step on', () => {
    const last = proposeByEffort(request, sessions)
    const before = {
      sessions: last.sessions.map(({ session, items }) => ({ ...session, items: items.map(one => one.item) })),
    }
    const next = proposeByEffort({ ...request, before }, sessions)
    const [old, now] = [new Set(asked(last)), new Set(asked(next))]
    expect([...old].filter(id => now.has(id)).length / old.size).toBeGreaterThanOrEqual(2 / 3)
    const amounts = new Map(before.sessions.flatMap(s => s.items).map(item => [item.variationId, item]))
    for (const { items } of next.sessions) {
      for (const { item, kind } of items.filter(one => amounts.has(one.item.variationId))) {
        const { dose, setting } = amounts.get(item.variationId)!
        if (kind === 'work') expect(item.setting).toEqual(setting)
        expect(item.dose.amount - dose.amount, item.variationId).toBeLessThanOrEqual(5)
      }
    }
  })

  it('are none under a red flag, and never hold what a flag or an age takes away', () => {
    const { context } = request
    const red = { ...request, context: { ...context, screen: { ...context.screen, flags: ['chestPain' as const] } } }
    expect(proposeByEffort(red, sessions).sessions.every(({ items }) => items.length === 0)).toBe(true)
    for (const { request: one, sessions: days } of CENTRE) {
      for (const { session, items } of proposeByEffort(one, days).sessions) {
        for (const { item } of items) {
          const variation = one.context.screen.catalogue.find(item.variationId)!
          expect(removals(variation, one.context.screen), `${item.variationId} on ${session.day}`).toEqual([])
        }
      }
    }
  }, 120_000)

  it('goes no further than an amber flag allows, and takes no load from an old plan that may not be given', () => {
    const { context } = request
    const sore = { ...context, screen: { ...context.screen, flags: ['backPainBending' as const] } }
    const heavy = CENTRE.map(one => one.sessions)[0]!.map(session => ({
      ...session, items: [{
        id: session.id, variationId: 'carries.suitcase', slot: 'after' as const, pairedWith: null, extraSetSide: null,
        dose: { sets: 2, amount: 30, unit: 'metres' as const, restS: 60 }, setting: { loadKg: 150 }, why: '',
      }],
    }))
    const week = proposeByEffort({ ...request, context: sore, before: { sessions: heavy } }, sessions)
    for (const { item, effort, kind } of week.sessions.flatMap(({ items }) => items)) {
      if (kind === 'work') expect(effort!.effort, item.variationId).toBeLessThanOrEqual(0.6)
      expect(item.setting.loadKg ?? 0).toBeLessThan(150)
    }
  })

  it('say why each drill is here by how far it goes, never by seconds', () => {
    for (const { items } of proposeByEffort(first!.request, first!.sessions).sessions) {
      for (const { item, kind } of items) {
        expect(item.why).toMatch(kind === 'work' ? /goes about \d+ % of the way to the own limit\./ : /\.$/)
        expect(item.why).not.toMatch(/\d+ s\b/)
      }
    }
  })
})
