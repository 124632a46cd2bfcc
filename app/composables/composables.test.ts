import fc from 'fast-check'
import { computed, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { proposeWeek } from '~~/core/programme'
import { anyContext, anySessions } from '~~/core/testing/arbitraries'
import { findVariation, STANDARD } from '~~/core/catalogue'
import {
  NO_HEALTH, type PrescribedItem, type RosterRow, type SetLogInput, type StoredSetLog, type Today,
} from '~~/shared/types'
import { blankAthlete } from './useAthleteForm'
import { placeAt, stripLayout } from '~/drawing/stripLayout'
import { useRosterFilter } from './useRosterFilter'
import { useRunner } from './useRunner'
import { inDays, longDay, measures, weekSpan } from '~/words/inWords'

describe('words', () => {
  it('says days as coaches do', () => {
    expect([weekSpan('2026-11-23'), weekSpan('2026-11-30'), longDay('2026-11-24')]).toEqual([
      '23 – 29 Nov', '30 Nov – 6 Dec', 'Tuesday 24 Nov',
    ])
    expect([0, 1, -1, 4, -3].map(inDays)).toEqual(['today', 'tomorrow', 'yesterday', 'in 4 days', '3 days ago'])
  })

  it('reads back the pounds and inches it shows', () => {
    const us = measures({ mass: 'lb', length: 'in' })
    expect(us.showMass(100)).toBe(220.5) // 1 kg = 2.20462262185 lb by definition of the pound
    expect(us.showLength(254)).toBe(100)
    fc.assert(fc.property(fc.integer({ min: 250, max: 2200 }), (tenths) => {
      expect(us.showMass(us.readMass(tenths / 10))).toBeCloseTo(tenths / 10, 1)
    }), { seed: 1 })
  })
})

describe('the strip', () => {
  it('never lets words overlap nor run past its end', () => {
    fc.assert(
      fc.property(anyContext, anySessions, fc.integer({ min: 300, max: 1000 }), (ctx, sessions, width) => {
        for (const session of proposeWeek({ context: ctx, sessions }).plan.sessions) {
          const { items } = stripLayout(session, width / 100, width, STANDARD)
          for (const a of items) {
            expect(a.labelX + a.labelWidth).toBeLessThanOrEqual(width + 1e-6)
            for (const b of items) {
              if (a !== b && a.row === b.row)
                expect(a.labelX + a.labelWidth <= b.labelX || b.labelX + b.labelWidth <= a.labelX).toBe(true)
            }
          }
        }
      }),
      { seed: 2, numRuns: 60 },
    )
  })

  it('knows what a drop at a minute means', () => {
    const session = {
      id: 's', day: 0, minutes: 60, items: [],
      lifts: [{ id: 'l', lift: 'backSquat' as const, sets: 4, reps: 4, percent1Rm: 82 }],
    }
    expect(placeAt(session, 3, STANDARD)).toEqual({ slot: 'paired', pairedWith: 'l' })
    expect(placeAt(session, 30, STANDARD)).toMatchObject({ slot: 'finisher' })
    expect(placeAt({ ...session, lifts: [] }, 1, STANDARD)).toMatchObject({ slot: 'after' })
  })
})

describe('the roster filter', () => {
  const row = (name: string, archived = false): RosterRow => ({
    athlete: {
      ...blankAthlete(), sport: 'general' as const,
      id: name, name, version: 1, archived, clearances: [], health: NO_HEALTH, screenedOn: null,
      accountEmail: null, accountState: 'none' as const, changedBy: null, position: 'setter',
    },
    marks: [], nextCompetition: null, thisWeek: 'none', adherence: null, lastLogDay: null, painInLastDays: false,
    screened: true, homeworkLies: false,
  })

  it('finds by any words in any order and hides the archived', () => {
    const filter = useRosterFilter(ref([row('Odra Shoal'), row('Bram Lough'), row('Old Hand', true)]), ref([]))
    const names = () => filter.shown.value.map(r => r.athlete.name)
    expect(names()).toEqual(['Odra Shoal', 'Bram Lough'])
    filter.text.value = 'setter shoal'
    expect(names()).toEqual(['Odra Shoal'])
  })
})

describe('the runner', () => {
  const variation = findVariation('side-plank.feet')!
  const prescribed = (id: string): PrescribedItem => ({
    ...variation, id, slot: 'after', pairedWithLift: null, variationId: variation.id, why: '', breathWhy: null,
    dose: { sets: 1, amount: 10, unit: 'seconds', restS: 5 }, extraSetSide: null, setting: {}, settingsAsked: [],
  })
  const run = (): Today => ({
    athleteId: 'a', athleteName: 'A', day: '2026-03-04', stop: null, logs: [], decided: [], nextDays: [],
    nextCompetition: null, effort: null,
    season: null, entries: [], notices: [],
    session: { id: 's', day: '2026-03-04', minutes: 60, lifts: [], items: [prescribed('one'), prescribed('two')] },
  })
  const outcome = {
    amount: 10, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
  } as const

  it('goes through sides, sets and drills, and sends each set once', () => {
    const sent: SetLogInput[] = []
    const runner = useRunner(computed(run), ref([]), log => sent.push(log))
    const seen: string[] = []
    while (runner.current.value) {
      seen.push(`${runner.current.value.item.id} ${runner.current.value.side}`)
      runner.log(outcome)
    }
    expect(seen).toEqual(['one left', 'one right', 'two left', 'two right'])
    expect(new Set(sent.map(log => log.id)).size).toBe(4)
  })

  it('asks less of the next set on a side after a very hard one, and says why', () => {
    const runner = useRunner(computed(run), ref([]), () => undefined)
    const asked = runner.current.value!.item.dose.amount
    expect(runner.current.value!.why).toBe('')
    const { item, side } = runner.current.value!
    const next = useRunner(
      computed(() => ({
        ...run(), session: { ...run().session!, items: [{ ...item, dose: { ...item.dose, sets: 2 } }] },
      })), ref([]), () => undefined,
    )
    next.log({ ...outcome, amount: asked, breakPoint: 'none', effort: 9 })
    next.log({ ...outcome, amount: asked, breakPoint: 'none', effort: 6 })
    expect(next.current.value).toMatchObject({ side, setNumber: 2, why: 'Effort 9: a step less.' })
    expect(next.current.value!.item.dose.amount).toBeLessThan(asked)
  })

  it('stops a drill for pain', () => {
    const runner = useRunner(computed(run), ref([]), () => undefined)
    runner.log({ ...outcome, breakPoint: 'pain', painAt: 'lowBack' })
    expect(runner.current.value?.item.id).toBe('two')
    expect(runner.restS.value).toBe(0)
  })

  it('puts the last set right in its place, as often as it has to', () => {
    const sent: SetLogInput[] = []
    const runner = useRunner(computed(run), ref([]), log => sent.push(log))
    runner.log({ ...outcome, breakPoint: 'none' })
    runner.putRight({ effort: 8 })
    runner.putRight({ amount: 4, breakPoint: 'trunk' })
    expect(sent.map(log => log.corrects ?? null)).toEqual([null, sent[0]!.id, sent[0]!.id])
    expect(runner.logs.value).toMatchObject([{ id: sent[0]!.id, amount: 4, breakPoint: 'trunk', effort: 8 }])
    expect([runner.current.value!.side, runner.done.value.size]).toEqual(['right', 1])
  })

  it('puts right what the server has stored meanwhile, saying only what a person told', () => {
    const sent: SetLogInput[] = []
    const stored = ref<StoredSetLog[]>([])
    const runner = useRunner(computed(() => ({ ...run(), logs: stored.value })), ref([]), log => sent.push(log))
    runner.log(outcome)
    stored.value = [{ ...sent[0]!, athleteId: 'a', variationId: 'v', unit: 'seconds', tempo: null }]
    runner.putRight({ effort: 8 })
    expect(Object.keys(sent[1]!).filter(key => key !== 'corrects').sort()).toEqual(Object.keys(sent[0]!).sort())
  })

  it('goes on where it was left, also with sets that still wait to be sent', () => {
    const waiting: SetLogInput[] = []
    const first = useRunner(computed(run), ref([]), log => waiting.push(log))
    first.log(outcome)
    const later = useRunner(computed(run), ref(waiting), () => undefined)
    expect(later.current.value?.side).toBe('right')
  })
})
