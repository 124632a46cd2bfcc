import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { SeasonShape } from '~~/core/season'
import type { AthleteInput, EntryInput, SeasonChange } from '~~/shared/types'
import { highsSolver } from '~~/solver/highs'
import { answerWeek } from '../solver'
import { assignWeek } from './assignWeek'
import { addAthlete } from './athletes'
import { changeSeason } from './changeSeason'
import { coachDay } from './coachDay'
import { addGroup } from './groups'
import { planLine, type PlanOne } from './planLine'
import { theRun } from './planRuns'
import { athleteToday } from './sessions'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
const SHAPE: SeasonShape = {
  startsOn: MONDAY, weeks: 10, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [
    { phase: 'preSeason', least: 3, most: 6, start: 0, volume: 18, opening: { braceStep: null, done: null } },
    { phase: 'inSeason', least: 3, most: 8, start: 4, volume: 12, opening: { braceStep: null, done: null } },
  ],
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let plan: PlanOne
let groupId = ''
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  const solver = await highsSolver()
  plan = request => Promise.resolve(answerWeek(request, solver))
})
afterAll(() => base.drop())
/** Each test has a squad of its own. */
beforeEach(async () => {
  groupId = randomUUID()
  await addGroup(head, { id: groupId, name: `Squad ${groupId.slice(0, 6)}` })
})
const cup = (day: string, over: Partial<EntryInput> = {}): EntryInput => ({
  id: randomUUID(), groupId, kind: 'competition', name: 'Cup', day, lastDay: day, importance: 'A', travelBefore: 0,
  travelAfter: 0, weeklyUntil: null, except: [], startsAt: '10:00', minutes: 60, timeZone: 'Europe/London',
  sourceUid: null, ...over,
})
const change = (over: Partial<SeasonChange> = {}): SeasonChange => ({
  version: 0, title: 'The season is planned', shape: SHAPE, put: [], cancel: [], pins: [], prefer: null, expect: null,
  replan: true, ...over,
})
const add = async (over: Partial<AthleteInput> = {}): Promise<string> => {
  const id = randomUUID()
  await addAthlete(
    head, id,
    anAthlete({
      name: `Athlete ${id.slice(0, 4)}`, groupIds: [groupId],
      available: [{ day: 0, minutes: 60 }, { day: 1, minutes: 60 }, { day: 3, minutes: 60 }, { day: 4, minutes: 60 }],
      ...over,
    }),
  )
  await makeKnown(head, id)
  return id
}

describe('what follows from a repair', () => {
  const item = {
    id: 'i1', variationId: 'side-plank.feet',
    dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
    slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: 'x',
  }
  const lift = { id: 'l', lift: 'deadlift' as const, sets: 3, reps: 5, percent1Rm: 80 }

  it('plans assigned weeks anew with their own lifts, keeps what is over, and assigns them again', async () => {
    const id = await add()
    await changeSeason(head, groupId, change())
    const past = { id: 'd0', day: 0, minutes: 60, lifts: [lift], items: [item] }
    const ahead = { id: 'd4', day: 4, minutes: 60, lifts: [], items: [item] }
    await storeWeek(head, id, MONDAY, 0, { sessions: [past, ahead] })
    await assignWeek(head, id, MONDAY, 1)
    // A competition on Saturday: Friday is for activation only.
    const { runId } = await changeSeason(
      head, groupId,
      change({ version: 1, title: 'Cup comes in', put: [cup('2026-03-07', { importance: 'B' })] }),
    )
    expect((await theRun(head, runId!)).lines.map(line => line.athleteId)).toEqual([id])
    await planLine(base.db, { organisationId: head.actor.organisationId, runId: runId!, athleteId: id }, plan)
    const { week } = await weekSheet(head, id, MONDAY)
    expect([week.status, week.changedSinceAssigned, week.version]).toEqual(['assigned', false, 2])
    const [monday, friday] = week.plan.sessions
    expect([monday!.lifts, monday!.items.map(i => i.variationId)]).toEqual([[lift], ['side-plank.feet']])
    expect(friday!.items.every(i => i.slot === 'activation')).toBe(true)
    expect((await theRun(head, runId!)).lines[0]).toMatchObject({
      state: 'done',
      weeks: [{ startsOn: MONDAY, outcome: 'proposed', assigned: true }],
    })
  })

  it('leaves weeks as their coaches made them where that is asked, and at a first season', async () => {
    const id = await add()
    await storeWeek(head, id, MONDAY, 0, { sessions: [{ id: 'd4', day: 4, minutes: 60, lifts: [], items: [item] }] })
    expect((await changeSeason(head, groupId, change())).runId).toBeNull()
    const { changed, runId } = await changeSeason(
      head, groupId,
      change({ version: 1, put: [cup('2026-03-07', { importance: 'B' })], replan: false }),
    )
    expect([changed.length > 0, runId]).toEqual([true, null])
    expect((await weekSheet(head, id, MONDAY)).week.version).toBe(1)
  })

  it('is told to the athlete: on the page of the day, and by mail', async () => {
    const id = await add()
    const { context: own } = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    await changeSeason(head, groupId, change())
    await changeSeason(head, groupId, change({ version: 1, title: 'Cup comes in', put: [cup('2026-03-07')] }))
    const today = await athleteToday(own, id)
    expect(today.season!.days).toHaveLength(7)
    expect(today.season!.days[5]).toMatchObject({ kind: 'off', why: 'Competition day: no trunk work.' })
    expect(today.notices[0]).toMatchObject({ title: 'Cup comes in' })
    const mails = await base.owner('mail').where({ person_id: own.actor.personId }).select<
      { subject: string, body: string }[]
    >('subject', 'body')
    expect(mails.map(mail => mail.subject)).toEqual(['Your season has changed'])
    expect(mails[0]!.body).toContain('Cup comes in')
  })

  it('decides the day kinds that a week is planned by', async () => {
    const id = await add()
    await changeSeason(head, groupId, change({ put: [cup('2026-03-28')] }))
    const { settled } = await weekSheet(head, id, '2026-03-23')
    expect(settled.season).toMatchObject({ phase: 'taper', load: 'taper' })
    expect(settled.season!.days.map(d => d.kind)[4]).toBe('activation')
    // Half of the volume, whatever the steps it is reckoned by: 41-60 % less (Bosquet et al. 2007, from memory).
    const usual = (await weekSheet(head, id, MONDAY)).settled.season!.block.load
    const share = (settled.season!.block.load * 0.5) / usual
    expect(share >= 0.4 && share <= 0.59).toBe(true)
  })

  it('shows the coach what kind of day it is, who trains and what was changed', async () => {
    const id = await add({ name: 'Ada Quay' })
    await changeSeason(head, groupId, change({ put: [cup('2026-03-14', { name: 'Far Cup' })] }))
    await storeWeek(head, id, MONDAY, 0, { sessions: [{ id: 'd2', day: 2, minutes: 60, lifts: [], items: [item] }] })
    await assignWeek(head, id, MONDAY, 1)
    const squad = (await coachDay(head)).squads.find(one => one.group.id === groupId)!
    expect(squad).toMatchObject({
      nextCompetition: { name: 'Far Cup' },
      athletes: [{ name: 'Ada Quay', session: true, drills: 1, weekPlanned: true }],
    })
    expect(squad.week!.days[2]!.why.length).toBeGreaterThan(5)
    expect(squad.notices.map(n => n.title)).toEqual(['The season is planned'])
  })
})
