import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { STANDARD, standsUpTo, VARIATIONS } from '~~/core/catalogue'
import { proposeWeek, type PlannedSession, type WeekPlan } from '~~/core/programme'
import { FLAG_IDS, FLAGS, type Answers, type FlagId } from '~~/core/screening'
import { isForbidden } from '~~/core/testing/safetyOracle'
import { planningContext } from '~~/shared/planningContext'
import type { SetLogInput, TrialInput } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { athleteById } from '../repositories/athletes'
import { healthAlerts } from './alerts'
import { addAthlete, getAthlete } from './athletes'
import { applyWeek } from './applyWeek'
import { checkBrace, logPractice, setBraceCourse } from './brace'
import { logTrials } from './trials'
import { assignWeek } from './assignWeek'
import type { Context } from './context'
import { feedEvents } from './feedEvents'
import { logSets } from './logSets'
import { planLine } from './planLine'
import { startRun } from './planRuns'
import { screenAthlete } from './screening'
import { athleteToday, runSession } from './sessions'
import { takeStandIn } from './standIn'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
/** A moment after every flag of these tests was raised, by the clock that raises them. */
const afterNow = (): string => new Date(Date.now() + 60_000).toISOString()
const BEFORE_ALL = '2026-03-04T06:00:00.000Z'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())
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
const aTrial = (athleteId: string, over: Partial<TrialInput> = {}): TrialInput => ({
  id: randomUUID(), athleteId, day: TODAY, performedAt: afterNow(), test: 'hollow', side: null, value: 40,
  breakPoint: 'trunk', setting: {}, note: '', ...over,
})
const refused = (of: Promise<unknown>): Promise<string> =>
  of.then(() => 'taken', (error: { code?: string }) => error.code ?? String(error))
/** Everything handed out for training, by every way there is. */
async function handedOut({ id, own, sessionId }: Walked): Promise<string[]> {
  const open = (of: { readonly session: Walked['items'] }): string[] =>
    (of.session?.items ?? []).filter(item => !item.stopped).map(item => item.variationId)
  const feed = await inOrganisation(
    base.db, asSystemOf(coach.actor.organisationId),
    tx => feedEvents(tx, coach.actor.organisationId, { scope: 'athlete', subjectId: id }, () => TODAY),
  )
  expect(JSON.stringify(feed)).not.toMatch(/[1-9] drills?\./)
  return [
    ...open(await athleteToday(own, id)), ...open(await runSession(own, sessionId)),
    ...open(await runSession(coach, sessionId)), ...open(await runSession(assistant, sessionId)),
  ]
}
/** Tries to hand out or take in training in every way there is, and tells which drills got through. */
async function tryEverything(one: Walked): Promise<string[]> {
  const got = await handedOut(one)
  for (const item of one.items!.items) {
    if (await refused(logSets(one.own, [aSet(item.id, item.sides)])) === 'taken') got.push(item.variationId)
  }
  // Each drill alone, so that one that is refused hides no other.
  const fresh = await getAthlete(coach, one.id)
  for (const item of plan.sessions[0]!.items) {
    const alone: WeekPlan = { sessions: [{ ...plan.sessions[0]!, items: [{ ...item, id: `alone-${item.id}` }] }] }
    if (await refused(storeWeek(coach, one.id, '2026-03-09', 0, alone)) === 'taken') {
      got.push(item.variationId)
      await base.owner.raw('delete from training_week where athlete_id = ? and starts_on = ?', [one.id, '2026-03-09'])
    }
  }
  expect(fresh.id).toBe(one.id)
  for (const item of one.items!.items.slice(0, 6)) {
    const stood = await takeStandIn(coach, one.sessionId, item.id).catch(() => null)
    got.push(...(stood?.session?.items ?? []).filter(i => i.standsInFor && !i.stopped).map(i => i.variationId))
  }
  const settled = await weekSheet(coach, one.id, '2026-03-16')
  const sessions = [0, 3].map((day): PlannedSession => ({ id: `d${day}`, day, minutes: 40, lifts: [], items: [] }))
  const proposed = proposeWeek({
    context: planningContext(settled.athlete, '2026-03-16', [], STANDARD, settled.settled),
    sessions,
  }, { budget: { steps: 200, restarts: 1, preferenceSteps: 50 } })
  got.push(...proposed.plan.sessions.flatMap(s => s.items.map(i => i.variationId)))
  return got
}

describe.each(
  [...FLAG_IDS.map(flag => [flag]), ['pregnancy', 'herniaSurgery'], ['herniaSurgery', 'bloodPressureHeart'], [
    'wrist', 'shoulder',
  ], ['osteoporosis', 'backPainArching']] as FlagId[][],
)(
  'an athlete who reports %s %s',
  (...flags) => {
    it('gets no forbidden drill by any path, and keeps what is left', async () => {
      const one = await walked()
      await screenAthlete(one.own, one.id, 1, yes(...flags))
      const got = await tryEverything(one)
      expect([...new Set(got.filter(id => isForbidden(STANDARD.find(id)!, flags, 30)))]).toEqual([])
      const red = flags.some(flag => FLAGS[flag].kind === 'red')
      if (red) {
        expect(got).toEqual([])
        for (const context of [one.own, coach, assistant])
          expect((await runSession(context, one.sessionId)).session!.items).toEqual([])
        expect((await athleteToday(one.own, one.id)).stop).toMatchObject({ told: ['Test headCoach'] })
        expect(await refused(logTrials(coach, [aTrial(one.id)]))).toBe('stopped')
        expect(await refused(logPractice(one.own, one.id, { id: randomUUID(), day: TODAY, step: 2 }))).toBe('stopped')
        expect(
          await refused(
            setBraceCourse(coach, one.id, { cue: 'drawIn', homework: { timesADay: 2, until: null, note: '' } }),
          ),
        ).toBe('stopped')
        expect(
          await refused(
            checkBrace(coach, one.id, {
              id: randomUUID(), day: TODAY, step: 1, swell: [], breathing: true, count: 0, note: '',
            }),
          ),
        ).toBe('stopped')
        expect(await refused(assignWeek(coach, one.id, MONDAY, 1))).toBe('badInput')
        const runId = randomUUID()
        await startRun(coach, {
          id: runId, athleteIds: [one.id], startsOn: '2026-03-23', weeks: 1, sessions: [], replace: false,
        })
        await planLine(
          base.db,
          { organisationId: coach.actor.organisationId, runId, athleteId: one.id },
          request =>
            Promise.resolve({
              plan: { sessions: [{ ...plan.sessions[0]!, items: [plan.sessions[0]!.items[0]!] }] },
              notes: [], refused: false, proof: null, asked: request.startsOn,
            }),
        )
        expect((await weekSheet(coach, one.id, '2026-03-23')).week.version).toBe(0)
      }
      // What was done before is taken in whatever came after.
      const first = one.items!.items[0]!
      expect(await refused(logSets(one.own, [aSet(first.id, first.sides, { performedAt: BEFORE_ALL })]))).toBe('taken')
    }, 60_000)
  })

describe('an amber flag after assigning', () => {
  it('stops what it takes away with a stand-in that can be taken, and gives the drill back when it goes', async () => {
    const one = await walked()
    await screenAthlete(one.own, one.id, 1, yes('wrist'))
    const today = (await athleteToday(one.own, one.id)).session!
    const stopped = today.items.find(item => item.stopped?.instead)!
    expect(stopped.stopped!.text).toContain('Wrist complaint')
    expect((await runSession(assistant, one.sessionId)).session!.items.find(i => i.id === stopped.id)!.stopped!.text)
      .toBe('Not for this athlete now.')
    const again = await takeStandIn(one.own, one.sessionId, stopped.id)
    const stand = again.session!.items.find(item => item.standsInFor === stopped.id)!
    expect([stand.variationId, stand.stopped]).toEqual([stopped.stopped!.instead!.variationId, undefined])
    expect((await takeStandIn(one.own, one.sessionId, stopped.id)).session!.items.filter(i => i.standsInFor))
      .toHaveLength(1)
    await screenAthlete(coach, one.id, 2, yes())
    const back = (await athleteToday(one.own, one.id)).session!
    expect([back.items.some(i => i.standsInFor), back.items.some(i => i.stopped)]).toEqual([false, false])
  })

  it('reads held breaths anew, and gives them back', async () => {
    const one = await walked()
    const breath = async (): Promise<string> =>
      (await runSession(one.own, one.sessionId)).session!.items.find(i =>
        i.variationId === 'inside-lift.front-loaded-squat'
      )!.breath
    expect(await breath()).toBe('holdAndReset')
    await screenAthlete(coach, one.id, 1, yes('bloodPressureHeart'))
    expect(await breath()).toBe('exhaleOnEffort')
    await screenAthlete(coach, one.id, 2, yes())
    expect(await breath()).toBe('holdAndReset')
  })

  it('lets the rest of a stored week be changed while a stopped drill is in it', async () => {
    const one = await walked()
    await screenAthlete(coach, one.id, 1, yes('wrist'))
    expect((await storeWeek(coach, one.id, MONDAY, 1, { sessions: [{ ...plan.sessions[0]!, minutes: 200 }] })).version)
      .toBe(2)
    const moved = { sessions: [{ ...plan.sessions[0]!, day: 4 }] }
    await expect(storeWeek(coach, one.id, MONDAY, 2, moved)).rejects.toMatchObject({ code: 'badInput' })
  })

  it('keeps copies of another athlete’s week from whom they may not reach', async () => {
    const [from, to] = [await walked(), await walked()]
    await screenAthlete(coach, to.id, 1, yes('wrist', 'backPainBending'))
    await applyWeek(coach, from.id, MONDAY, { itemIds: null, athleteIds: [to.id] })
    const added = (await weekSheet(coach, to.id, MONDAY)).week.plan.sessions.flatMap(s => s.items).filter(i =>
      i.id.endsWith('+')
    )
    expect(added.filter(i => isForbidden(STANDARD.find(i.variationId)!, ['wrist', 'backPainBending'], 30))).toEqual([])
  })
})

describe('an assistant', () => {
  it('sees that an athlete is stopped and what is left, and nothing else', async () => {
    const one = await walked()
    await screenAthlete(one.own, one.id, 1, yes('pregnancy'))
    const said = JSON.stringify([
      await runSession(assistant, one.sessionId), await weekSheet(assistant, one.id, MONDAY),
      await healthAlerts(assistant), await getAthlete(assistant, one.id),
    ])
    expect(
      said.match(/.{60}(pregnan|given birth|clearance is|breath-holding|noBreathHold|no:supine|pressureRise).{30}/i)
        ?.[0],
    ).toBeUndefined()
    expect(said).not.toMatch(/pregnan|given birth|clearance is|breath-holding|noBreathHold|no:supine|pressureRise/i)
    expect(said).toContain('Not for this athlete now.')
  })
})

it('reads a child as younger than sixteen on the day of each session', async () => {
  const id =
    (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...strong, birthYear: 2010 }))).id
  const fast = (startsOn: string): Promise<unknown> =>
    storeWeek(coach, id, startsOn, 0, {
      sessions: [{
        ...plan.sessions[0]!,
        items: [{
          ...plan.sessions[0]!.items[0]!, variationId: 'rotation.throw-to-wall',
          dose: STANDARD.find('rotation.throw-to-wall')!.doses[0]!,
        }],
      }],
    })
  await expect(fast(MONDAY)).rejects.toThrow('Under 16')
  // The week over New Year 2027: only its sessions from Friday on are trained by somebody of at least sixteen.
  const stored = await inOrganisation(
    base.db, asSystemOf(coach.actor.organisationId),
    tx => athleteById(tx, coach.actor.organisationId, id),
  )
  const { screens } = planningContext(stored!, '2026-12-28', [], STANDARD)
  expect(screens!.map(s => s.ageYears)).toEqual([15, 15, 15, 15, 16, 16, 16])
})
