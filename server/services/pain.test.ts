import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { STANDARD, standsUpTo, VARIATIONS } from '~~/core/catalogue'
import { proposeWeek, type PlannedSession, type WeekPlan } from '~~/core/programme'
import { planningContext } from '~~/shared/planningContext'
import type { SetLogInput } from '~~/shared/types'
import { healthAlerts } from './alerts'
import { addAthlete, getAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import type { Context } from './context'
import { logSets } from './logSets'
import { decidePain } from './pain'
import { athleteToday, runSession } from './sessions'
import { takeStandIn } from './standIn'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
/** A moment after every flag of these tests was raised, by the clock that raises them. */
const afterNow = (): string => new Date(Date.now() + 60_000).toISOString()
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())
/** One drill of every ladder and kind, in one session, whatever the place says of it. */
const NAMED = [
  'front-plank.weight-on-back', 'front-plank.hands', 'flexion.crunch', 'carries.suitcase-heavy',
  'inside-lift.front-loaded-squat', 'brace.find-it', 'rotation.throw-to-wall', 'levers.full',
]
const PICKED = [
  ...NAMED.map(id => STANDARD.find(id)!),
  ...VARIATIONS.filter((v, i) => i % 19 === 0 && !NAMED.includes(v.id)),
]
const plan: WeekPlan = {
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
  await storeWeek(coach, id, MONDAY, 0, plan)
  await assignWeek(coach, id, MONDAY, 1)
  const own =
    (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId: id, passwordHash: 'x' })).context
  const { session } = await athleteToday(own, id)
  return { id, own, sessionId: session!.id, items: session }
}
const aSet = (prescribedItemId: string, sides: 'both' | 'each', over: Partial<SetLogInput> = {}): SetLogInput => ({
  id: randomUUID(), prescribedItemId, day: TODAY, performedAt: afterNow(), setNumber: 1,
  side: sides === 'each' ? 'left' : null, amount: 5, breakPoint: 'none', setting: {}, feltAt: [], effort: 6,
  painAt: null, note: '', ...over,
})
const refused = (of: Promise<unknown>): Promise<string> =>
  of.then(() => 'taken', (error: { code?: string }) => error.code ?? String(error))

describe('pain in a set', () => {
  const hurting = async (): Promise<
    {
      one: Walked
      item: NonNullable<Walked['items']>['items'][number]
      log: (over?: Partial<SetLogInput>) => Promise<string>
    }
  > => {
    const one = await walked()
    const item = one.items!.items.find(i => i.variationId === 'front-plank.weight-on-back')!
    return {
      one, item,
      log: (over = {}) =>
        refused(logSets(one.own, [aSet(item.id, item.sides, { performedAt: new Date().toISOString(), ...over })])),
    }
  }

  it('stands with its place for coaches, stops the drill until it is decided, and the decision opens it', async () => {
    const { one, item, log } = await hurting()
    expect(await log({ breakPoint: 'pain', painAt: 'lowBack' })).toBe('taken')
    const { health, flags } = await getAthlete(coach, one.id)
    expect([flags, health.pain]).toMatchObject([[], [{
      variationId: item.variationId, place: 'lowBack', times: 1, state: 'waits',
    }]])
    expect((await getAthlete(assistant, one.id)).health.pain).toMatchObject([{
      variationId: item.variationId, place: null,
    }])
    for (const [reader, place] of [[one.own, 'lowBack'], [coach, 'lowBack'], [assistant, null]] as const) {
      const { logs, session } = await runSession(reader, one.sessionId)
      expect(logs).toMatchObject([{ breakPoint: 'pain', painAt: place }])
      if (reader === one.own)
        expect(session!.items.find(i => i.id === item.id)!.stopped).toMatchObject({
          text: expect.stringContaining('decision'), instead: null,
        })
    }
    // What comes after pain is the coach's to say.
    await expect(takeStandIn(one.own, one.sessionId, item.id)).rejects.toMatchObject({ code: 'notFound' })
    expect((await healthAlerts(coach)).alerts[0]).toMatchObject({ kind: 'pain', variationId: item.variationId })
    const decision = {
      id: randomUUID(), variationId: item.variationId, verdict: 'goOn' as const, reason: 'Effort, not pain.',
      lookedAtBy: '', role: null,
    }
    await decidePain(coach, one.id, decision)
    expect((await runSession(one.own, one.sessionId)).session!.items.find(i => i.id === item.id)!.stopped)
      .toBeUndefined()
    expect((await healthAlerts(coach)).alerts.find(a => a.athleteId === one.id)!.settled).toBe(true)
  })

  it('twice running locks the drill until somebody qualified has looked', async () => {
    const { one, item, log } = await hurting()
    await log({ breakPoint: 'pain', painAt: 'lowBack' })
    await decidePain(coach, one.id, {
      id: randomUUID(), variationId: item.variationId, verdict: 'goOn', reason: 'Try again.', lookedAtBy: '',
      role: null,
    })
    expect(await log({ setNumber: 2, breakPoint: 'pain', painAt: 'lowBack' })).toBe('taken')
    expect((await getAthlete(coach, one.id)).health.pain).toMatchObject([{ state: 'locked', times: 2 }])
    expect(await log({ performedAt: afterNow() })).toBe('stopped')
    const goOn = {
      id: randomUUID(), variationId: item.variationId, verdict: 'goOn' as const, reason: 'Looks fine.', lookedAtBy: '',
      role: null,
    }
    await expect(decidePain(coach, one.id, goOn)).rejects.toMatchObject({ fields: { lookedAtBy: expect.any(String) } })
    await decidePain(coach, one.id, { ...goOn, lookedAtBy: 'Island physio', role: 'physiotherapist' })
    expect((await getAthlete(coach, one.id)).health.pain).toEqual([])
  })

  it('is not proposed again', async () => {
    const { one, item, log } = await hurting()
    await log({ breakPoint: 'pain', painAt: 'lowBack' })
    const { athlete, settled } = await weekSheet(coach, one.id, '2026-03-09')
    const sessions = [0, 2, 4].map((day): PlannedSession => ({ id: `d${day}`, day, minutes: 60, lifts: [], items: [] }))
    const { plan: next } = proposeWeek({
      context: planningContext(athlete, '2026-03-09', [], STANDARD, settled),
      sessions,
    })
    expect(next.sessions.flatMap(s => s.items.map(i => i.variationId))).not.toContain(item.variationId)
  })
})
