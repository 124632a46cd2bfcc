import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { findVariation, STANDARD, standsUpTo, VARIATIONS } from '~~/core/catalogue'
import type { PlannedSession, TrunkItem, WeekPlan } from '~~/core/programme'
import type { SetLogInput, TrialInput } from '~~/shared/types'
import { addAthlete, getAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import { logSets } from './logSets'
import { athleteToday, runSession } from './sessions'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY, addPerson } from '../testing/database'
import { storeWeek } from './weeks'
import { FLAG_IDS, type Answers, type FlagId } from '~~/core/screening'
import { logTrials } from './trials'
import type { Context } from './context'
import { screenAthlete } from './screening'

const MONDAY = '2026-03-02'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete(over))).id)
const side: TrunkItem = {
  id: 'i1', variationId: 'side-plank.feet', dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
}
const wednesday: PlannedSession = { id: 'd2', day: 2, minutes: 60, lifts: [], items: [side] }
const plan: WeekPlan = { sessions: [wednesday] }
async function assigned(over = {}, week = plan): Promise<string> {
  const id = await add(over)
  const stored = await storeWeek(coach, id, MONDAY, 0, week)
  await assignWeek(coach, id, MONDAY, stored.version)
  return id
}
const aLog = (prescribedItemId: string, over: Partial<SetLogInput> = {}): SetLogInput => ({
  id: randomUUID(), prescribedItemId, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, setNumber: 1, side: 'left',
  amount: 8, breakPoint: 'trunk', setting: {}, feltAt: ['sides'], effort: 7, painAt: null, note: '', ...over,
})
/** A moment after every flag of these tests was raised, by the clock that raises them. */
const afterNow = (): string => new Date(Date.now() + 60_000).toISOString()
const yes = (...flags: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
/** One drill of every ladder and kind, in one session, whatever the place says of it. */
const NAMED = [
  'front-plank.weight-on-back', 'front-plank.hands', 'flexion.crunch', 'carries.suitcase-heavy',
  'inside-lift.front-loaded-squat', 'brace.find-it', 'rotation.throw-to-wall', 'levers.full',
]
const PICKED = [
  ...NAMED.map(id => STANDARD.find(id)!),
  ...VARIATIONS.filter((v, i) => i % 19 === 0 && !NAMED.includes(v.id)),
]
const everyKind: WeekPlan = {
  sessions: [{
    id: 'd2', day: 2, minutes: 240, lifts: [],
    items: PICKED.map((v, i) => ({
      id: `i${i}`, variationId: v.id, dose: v.doses[0]!, slot: 'after' as const, pairedWith: null, extraSetSide: null,
      setting: {}, why: '',
    })),
  }],
}
const strong = { stands: STANDARD.ladders.flatMap(l => standsUpTo(l, l.rungs.length)), birthYear: 1995 }
interface Walked {
  readonly id: string
  readonly own: Context
  readonly sessionId: string
  readonly items: Awaited<ReturnType<typeof athleteToday>>['session']
}
/** An able athlete with all of that assigned for today. */
async function walked(over = {}): Promise<Walked> {
  const id = await makeKnown(
    coach,
    (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...strong, ...over }))).id,
  )
  await storeWeek(coach, id, MONDAY, 0, everyKind)
  await assignWeek(coach, id, MONDAY, 1)
  const own =
    (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId: id, passwordHash: 'x' })).context
  const { session } = await athleteToday(own, id)
  return { id, own, sessionId: session!.id, items: session }
}
const aTrial = (athleteId: string, over: Partial<TrialInput> = {}): TrialInput => ({
  id: randomUUID(), athleteId, day: TODAY, performedAt: afterNow(), test: 'hollow', side: null, value: 40,
  breakPoint: 'trunk', setting: {}, note: '', ...over,
})
const refused = (of: Promise<unknown>): Promise<string> =>
  of.then(() => 'taken', (error: { code?: string }) => error.code ?? String(error))

describe('assigning', () => {
  it('freezes what the athlete reads', async () => {
    const id = await assigned()
    const { session } = await athleteToday(coach, id)
    expect(session!.items[0]).toMatchObject({
      name: findVariation('side-plank.feet')!.name, dose: side.dose, why: 'Test.', sides: 'each',
    })
    await storeWeek(coach, id, MONDAY, 1, { sessions: [] })
    expect((await athleteToday(coach, id)).session!.items).toHaveLength(1)
  })

  it('replaces a held breath for an athlete who must not hold it', async () => {
    const squat = {
      ...side, variationId: 'inside-lift.front-loaded-squat',
      dose: { sets: 2, amount: 5, unit: 'reps' as const, restS: 60 },
    }
    const stands = [...anAthlete().stands, 'inside-lift.front-loaded-squat']
    const free = await assigned({ stands }, { sessions: [{ ...wednesday, items: [squat] }] })
    expect((await athleteToday(coach, free)).session!.items[0]!.breath).toBe('holdAndReset')
    // The same drill loads the belly too, so that an athlete with the flag is not given it at all.
    await expect(assigned({ stands, flags: ['bloodPressureHeart'] }, { sessions: [{ ...wednesday, items: [squat] }] }))
      .rejects.toMatchObject({ code: 'badInput' })
  })

  it('again changes only what changed and keeps what is logged', async () => {
    const other = { ...side, id: 'i2', variationId: 'front-plank.knees' }
    const id = await assigned({}, { sessions: [{ ...wednesday, items: [side, other] }] })
    const before = (await athleteToday(coach, id)).session!
    await logSets(coach, [aLog(before.items[0]!.id)])
    const changed = { ...side, dose: { ...side.dose, amount: 20 } }
    await storeWeek(coach, id, MONDAY, 1, { sessions: [{ ...wednesday, items: [changed, other] }] })
    await assignWeek(coach, id, MONDAY, 2)
    const after = (await runSession(coach, before.id)).session!
    expect(after.items.map(i => i.dose.amount).sort()).toEqual([10, 10, 20])
    expect(after.items.map(i => i.id)).toEqual(expect.arrayContaining(before.items.map(i => i.id)))
    const again = await assignWeek(coach, id, MONDAY, 2)
    expect(again).toMatchObject({ status: 'assigned', changedSinceAssigned: false })
    expect((await runSession(coach, before.id)).session!.items).toHaveLength(3)
  })

  it('withdraws a session that is no longer planned', async () => {
    const id = await assigned()
    await storeWeek(coach, id, MONDAY, 1, { sessions: [{ ...wednesday, id: 'd4', day: 4 }] })
    await assignWeek(coach, id, MONDAY, 2)
    const today = await athleteToday(coach, id)
    expect(today.session).toBeNull()
    expect(today.nextDays).toEqual([{ day: '2026-03-06', sessionId: expect.any(String), drills: 1 }])
  })
})

describe('what is not known', () => {
  it('stops assigning until it is known or overruled with a reason, which is kept', async () => {
    const id = (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...strong }))).id
    await storeWeek(coach, id, MONDAY, 0, everyKind)
    await expect(assignWeek(coach, id, MONDAY, 1)).rejects.toMatchObject({
      code: 'needsReason',
      fields: { unscreened: expect.any(String), braceUnchecked: expect.any(String) },
    })
    await screenAthlete(coach, id, 1, yes())
    await expect(assignWeek(coach, id, MONDAY, 1)).rejects.toMatchObject({
      code: 'needsReason', fields: { braceUnchecked: expect.any(String) },
    })
    expect((await assignWeek(coach, id, MONDAY, 1, 'Checked on the floor yesterday.')).status).toBe('assigned')
    expect((await getAthlete(coach, id)).health.overruled).toMatchObject([{
      what: 'braceUnchecked', reason: 'Checked on the floor yesterday.',
    }])
    expect((await assignWeek(coach, id, MONDAY, 1)).status).toBe('assigned')
  })

  it('of a trial far from the athlete’s own, or hardly begun, is asked before it counts', async () => {
    const one = await walked()
    await logTrials(coach, [aTrial(one.id, { value: 60 })])
    for (const value of [2, 20, 200])
      expect(await refused(logTrials(coach, [aTrial(one.id, { value })]))).toBe('needsReason')
    expect(await refused(logTrials(coach, [aTrial(one.id, { value: 20, sure: true })]))).toBe('taken')
  })

  it('refuses a training age above the age', async () => {
    await expect(addAthlete(coach, randomUUID(), anAthlete({ birthYear: 2015, trainingAgeYears: 14 }))).rejects
      .toMatchObject({ fields: { trainingAgeYears: expect.any(String) } })
  })
})
