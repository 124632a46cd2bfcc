import { describe, expect, it } from 'vitest'
import { TOP_RUNGS } from '../testing/topRungs'
import { EQUIPMENT, STANDARD, VARIATIONS, type Equipment } from '../catalogue'
import {
  alternatives, buildCircuit, homePlan, improvements, proposeWeek, warmUpFor, type PlannedSession,
  type PlanningContext,
} from '../programme'
import { laterRounds, weekConflicts } from '../rules'
import { context } from '../testing/fixtures'
import { isForbidden } from '../testing/safetyOracle'
import {
  admissibleSet, breathFor, effectiveMarks, FLAG_IDS, mayTrain, type Clearance, type FlagId, type Screen,
} from '.'

const AGES = [11, 13, 15, 17, 30] as const
const STEPS = [1, 2, 3, 4, 5, 6, 7] as const
const BRIEF = { steps: 300, restarts: 1, preferenceSteps: 100 }
const full: Screen = {
  catalogue: STANDARD, flags: [], equipment: Object.keys(EQUIPMENT) as Equipment[], braceStep: 7, ageYears: 30,
  rungs: TOP_RUNGS,
}
const of = (screen: Screen): PlanningContext => ({
  ...context, screen, screens: Array.from({ length: 7 }, () => screen),
})
const sessions = [0, 3].map((day): PlannedSession => ({ id: `d${day}`, day, minutes: 60, lifts: [], items: [] }))
const pairs = FLAG_IDS.flatMap((a, i) => FLAG_IDS.slice(i).map((b): FlagId[] => (a === b ? [a] : [a, b])))

/** Every drill that any way of planning would hand to this athlete. */
function handedOut(screen: Screen): string[] {
  const ctx = of(screen)
  const { plan } = proposeWeek({ context: ctx, sessions }, { budget: BRIEF })
  const item = {
    id: 'x', variationId: 'side-plank.feet',
    dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
    slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: '',
  }
  const circuit = buildCircuit(
    sessions[0]!,
    { id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' },
    15, ctx,
  )
  return [
    ...plan.sessions.flatMap(s => s.items.map(i => i.variationId)),
    ...alternatives(item, { ...sessions[0]!, items: [item] }, ctx).map(a => a.variation.id),
    ...(circuit?.items ?? []).flatMap(i => [i.variationId, ...laterRounds(i)]),
    ...homePlan({ sessions }, 'd0', 5, ctx).map(h => h.item.variationId),
    ...warmUpFor(sessions[0]!, ctx).flatMap(line => (line.variationId ? [line.variationId] : [])),
    ...improvements({ sessions }, ctx, null).flatMap(one => (one.item ? [one.item.variationId] : [])),
  ]
}

const forbiddenIn = (ids: readonly string[], flags: readonly FlagId[], age: number): string[] =>
  ids.filter(id => isForbidden(STANDARD.find(id)!, flags, age)).map(id => `${flags.join('+')} at ${age}: ${id}`)

describe('no drill that is forbidden, by the brief written out a second time,', () => {
  it.each(AGES)('is in the admissible set under any flag or two, aged %i, at any brace step', (age) => {
    const found = pairs.flatMap(flags =>
      STEPS.flatMap((braceStep) => {
        const open = admissibleSet({ ...full, flags, ageYears: age, braceStep })
        return [
          ...forbiddenIn(open.map(v => v.id), flags, age),
          ...open.filter(v => v.braceStep > braceStep).map(v => `${v.id} at step ${braceStep}`),
        ]
      })
    )
    expect([...new Set(found)]).toEqual([])
  }, 60_000)

  it('is handed out by planner, swap, circuit, home plan, warm-up or improvement', () => {
    const found = [...FLAG_IDS.map(flag => [flag]), ...pairs.filter((_, i) => i % 9 === 0), []].flatMap(flags =>
      [15, 30].flatMap(age => forbiddenIn(handedOut({ ...full, flags, ageYears: age }), flags, age)))
    expect(found).toEqual([])
  }, 120_000)

  it('passes a pasted or hand-made week unmarked', () => {
    for (const flags of FLAG_IDS.map((flag): FlagId[] => [flag])) {
      const ctx = of({ ...full, flags })
      const items = VARIATIONS.map((v, i) => ({
        id: `i${i}`, variationId: v.id, dose: v.doses[0]!, slot: 'after' as const, pairedWith: null, extraSetSide: null,
        setting: {}, why: '',
      }))
      const stopped = new Set(
        weekConflicts({ sessions: [{ ...sessions[0]!, items }] }, ctx).filter(c => c.blocks).map(c => c.itemId),
      )
      expect(VARIATIONS.filter((v, i) => isForbidden(v, flags, 30) && !stopped.has(`i${i}`)).map(v => v.id)).toEqual([])
    }
  }, 60_000)

  it('can be trained after a clearance that has ended, on the day after it ends', () => {
    for (const flag of FLAG_IDS) {
      const clearance: Clearance = {
        id: 'c', flag, extent: 'all', givenBy: 'x', role: 'doctor', from: '2026-03-02', until: '2026-03-03', note: '',
      }
      const on = (day: string): Screen => ({ ...full, flags: effectiveMarks([flag], [clearance], day) })
      const blocked = VARIATIONS.filter(v => isForbidden(v, [flag], 30))
      for (const v of blocked) {
        const asked = { variationId: v.id, dose: v.doses[0]!, breath: v.breath }
        expect([v.id, mayTrain(asked, on('2026-03-03')).stops]).toEqual([v.id, []])
        expect(mayTrain(asked, on('2026-03-04')).stops.length, `${flag} ${v.id}`).toBeGreaterThan(0)
      }
    }
  })

  it('is done with a held breath by anybody under 16, whatever they do', () => {
    for (const age of [11, 13, 15])
      for (const v of VARIATIONS) expect(breathFor(v.breath, { flags: [], ageYears: age }).pattern).not.toBe(
          'holdAndReset',
        )
  })
})
