import { randomUUID } from 'node:crypto'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { sync as nodeIcal, type VEvent } from 'node-ical'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '~~/core/calendar'
import { NO_EXCEPTIONS, planMark, type SeasonShape } from '~~/core/season'
import type { AthleteInput, EntryInput, SeasonChange, StoredSeason } from '~~/shared/types'
import { highsSolver } from '~~/solver/highs'
import { answerWeek } from '../solver'
import { assignWeek } from './assignWeek'
import { addAthlete } from './athletes'
import { addFeed, myFeeds, readFeed, revokeFeed } from './calendarFeeds'
import { changeAthleteSeason, changeSeason } from './changeSeason'
import { coachDay } from './coachDay'
import { addGroup } from './groups'
import { planLine, type PlanOne } from './planLine'
import { theRun } from './planRuns'
import { readSource } from './readSource'
import { allSeasons, mySeason } from './seasons'
import { logSets } from './logSets'
import { athleteToday } from './sessions'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
const SHAPE: SeasonShape = {
  startsOn: MONDAY, weeks: 10, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [
    { phase: 'preSeason', least: 3, most: 6, start: 0, volume: 18, gate: { braceStep: null, done: null } },
    { phase: 'inSeason', least: 3, most: 8, start: 4, volume: 12, gate: { braceStep: null, done: null } },
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
const season = async (): Promise<StoredSeason> => (await allSeasons(head)).seasons.find(one => one.groupId === groupId)!
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

describe('a season is changed', () => {
  it('moves with its competition, and back to where it was', async () => {
    const entry = cup('2026-04-18')
    await changeSeason(head, groupId, change({ put: [entry] }))
    const before = await season()
    expect(before.plan.loads.slice(5, 7)).toEqual(['taper', 'taper'])
    const away = { ...entry, day: '2026-04-26', lastDay: '2026-04-26' }
    const { changed } = await changeSeason(head, groupId, change({ version: 1, title: 'Cup moves', put: [away] }))
    expect(changed.length).toBeGreaterThan(0)
    expect(changed.every(one => one.reason.length > 10)).toBe(true)
    const moved = await season()
    expect(Object.keys(moved.revisions).map(Number)).toEqual(changed.map(one => one.day))
    await changeSeason(head, groupId, change({ version: 2, title: 'Cup moves back', put: [entry] }))
    expect(planMark((await season()).plan)).toBe(planMark(before.plan))
  })

  it('leaves days that are over and pinned days alone', async () => {
    await changeSeason(head, groupId, change({ put: [cup('2026-04-18')] }))
    const before = await season()
    // TODAY is the Wednesday of the first week: its Monday is over.
    const pin = 7 * 5 + 3
    await changeSeason(
      head, groupId,
      change({ version: 1, put: [cup('2026-03-05', { importance: 'A' }), cup('2026-04-10')], pins: [pin] }),
    )
    const after = await season()
    expect([after.plan.days[0], after.plan.days[1], after.plan.days[pin]]).toEqual([
      before.plan.days[0], before.plan.days[1], before.plan.days[pin],
    ])
    expect(after.plan.days[3]).toBe('off')
  })

  it('stores only the plan that was looked at, over the version that was read', async () => {
    await changeSeason(head, groupId, change())
    await expect(changeSeason(head, groupId, change())).rejects.toMatchObject({
      code: 'changedElsewhere',
      current: expect.objectContaining({ seasons: expect.any(Array) as unknown }) as unknown,
    })
    await expect(
      changeSeason(
        head, groupId,
        change({ version: 1, put: [cup('2026-04-18')], expect: planMark((await season()).plan) }),
      ),
    ).rejects.toMatchObject({ code: 'changedElsewhere' })
    // Nothing of a refused change stays, its competition neither.
    expect((await allSeasons(head)).entries.filter(e => e.groupId === groupId)).toEqual([])
  })

  it('reaches no other group’s calendar, and a coach not what all share', async () => {
    const outside = randomUUID()
    await addGroup(head, { id: outside, name: 'Outside' })
    await expect(changeSeason(head, groupId, change({ put: [cup('2026-04-18', { groupId: outside })] }))).rejects
      .toMatchObject({ code: 'notFound' })
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [groupId] })
    await expect(
      changeSeason(
        coach, groupId,
        change({ put: [cup('2026-04-18', { groupId: null, kind: 'closure', importance: null })] }),
      ),
    ).rejects.toMatchObject({ code: 'notAllowed' })
    await expect(changeSeason(coach, outside, change())).rejects.toMatchObject({ code: 'notFound' })
    expect((await changeSeason(coach, groupId, change())).seasons.seasons.map(s => s.groupId)).toEqual([groupId])
  })

  it('lets an athlete who is away follow the squad with the own days', async () => {
    const id = await add()
    await changeSeason(head, groupId, change())
    const exceptions = { ...NO_EXCEPTIONS, absences: [{ from: '2026-03-16', to: '2026-03-22' }] }
    const { changed } = await changeAthleteSeason(head, id, {
      version: 0, groupId, title: 'Away', exceptions, prefer: null, replan: true,
    })
    expect(changed.filter(one => one.to === 'off').length).toBeGreaterThan(1)
    const away = async () => (await mySeason(head, id)).own!.plan.days.slice(14, 21)
    expect(new Set(await away())).toEqual(new Set(['off']))
    await changeSeason(head, groupId, change({ version: 1, put: [cup('2026-04-18')] }))
    expect(new Set(await away())).toEqual(new Set(['off']))
    expect((await mySeason(head, id)).own!.plan.loads.slice(5, 7)).toEqual(['taper', 'taper'])
  })
})

describe('what reaches further than one squad', () => {
  it('a closure of the whole centre repairs every squad’s season', async () => {
    const [other, id] = [randomUUID(), await add()]
    await addGroup(head, { id: other, name: `Other ${other.slice(0, 6)}` })
    await changeSeason(head, groupId, change())
    await changeSeason(head, other, change())
    // A Monday on which both train.
    const shut = cup('2026-03-16', { groupId: null, kind: 'closure', importance: null, name: 'Floor is laid' })
    await changeSeason(head, groupId, change({ version: 1, title: 'Floor is laid', put: [shut] }))
    const seasons = (await allSeasons(head)).seasons.filter(one => [groupId, other].includes(one.groupId))
    expect(seasons.map(one => [one.version, one.plan.days[14]])).toEqual([[2, 'off'], [2, 'off']])
    expect((await coachDay(head)).squads.find(one => one.group.id === other)!.notices.map(n => n.title)).toContain(
      'Floor is laid',
    )
    expect((await mySeason(head, id)).entries.some(entry => entry.name === 'Floor is laid')).toBe(true)
  })
})

describe('an athlete who does otherwise', () => {
  it('keeps own pins and own days that are over, whatever becomes of the squad’s phases', async () => {
    const id = await add()
    await changeSeason(head, groupId, change())
    const pin = 7 * 5 + 3
    const pinned = (await season()).plan.days[pin]
    const exceptions = { ...NO_EXCEPTIONS, absences: [{ from: '2026-03-03', to: '2026-03-03' }], pins: [pin] }
    await changeAthleteSeason(head, id, { version: 0, groupId, title: 'Away', exceptions, prefer: null, replan: true })
    const over = (await mySeason(head, id)).own!.plan.days.slice(0, 2)
    // An A-competition two days after the pinned one, and one phase fewer.
    await changeSeason(
      head, groupId,
      change({
        version: 1, put: [cup('2026-04-11')],
        shape: { ...SHAPE, weeks: 12, phases: [{ ...SHAPE.phases[1]!, start: 0, most: 12 }] },
      }),
    )
    const { own } = await mySeason(head, id)
    expect([own!.plan.days.length, own!.plan.days[pin], own!.plan.days.slice(0, 2)]).toEqual([84, pinned, over])
    expect(own!.plan.phases.every(phase => phase === 0)).toBe(true)
  })
})

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

describe('gates', () => {
  it('hold the next phase shut for who is not ready, until it waits', async () => {
    const id = await add({ braceStep: 3 })
    const gated = {
      ...SHAPE,
      phases: [{ ...SHAPE.phases[0]!, least: 1, most: 1, start: 0, gate: { braceStep: 5, done: null } }, {
        ...SHAPE.phases[1]!, start: 1,
      }],
    }
    await changeSeason(head, groupId, change({ shape: gated }))
    const gate = (await allSeasons(head)).gates.find(one => one.athleteId === id)!
    expect(gate).toMatchObject({ phase: 1, opens: 2, reasons: ['Brace step 3; the gate asks for 5.'] })
    await changeAthleteSeason(head, id, {
      version: 0, groupId, title: 'Waits', exceptions: { ...NO_EXCEPTIONS, opens: { 1: gate.opens } }, prefer: null,
      replan: true,
    })
    expect((await mySeason(head, id)).own!.plan.phases.indexOf(1)).toBe(2)
    expect((await allSeasons(head)).gates.filter(one => one.athleteId === id)).toEqual([])
  })

  it('let a week come again that was missed', async () => {
    const id = await add()
    const started = {
      ...SHAPE, startsOn: '2026-02-23',
      phases: [{ ...SHAPE.phases[0]!, start: 0 }, { ...SHAPE.phases[1]!, start: 3 }],
    }
    await changeSeason(head, groupId, change({ shape: started }))
    await storeWeek(head, id, '2026-02-23', 0, {
      sessions: [{
        id: 'd0', day: 0, minutes: 60, lifts: [],
        items: [{
          id: 'i', variationId: 'side-plank.feet', dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 },
          slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: '',
        }],
      }],
    })
    await assignWeek(head, id, '2026-02-23', 1)
    const gate = (await allSeasons(head)).gates.find(one => one.athleteId === id)!
    expect(gate).toMatchObject({ phase: 1, opens: 4, reasons: ['A week was missed and comes again.'] })
    const [row] = await base.owner('prescribed_item').where({ athlete_id: id }).select<{ id: string }[]>('id')
    await logSets(
      head,
      [1, 2, 3].flatMap(setNumber =>
        (['left', 'right'] as const).map(side => ({
          id: randomUUID(), prescribedItemId: row!.id, day: '2026-02-23', performedAt: '2026-02-23T10:00:00.000Z',
          setNumber, side, amount: 10, breakPoint: 'none' as const, setting: {}, feltAt: [], effort: null, painAt: null,
          note: '',
        }))
      ),
    )
    expect((await allSeasons(head)).gates.filter(one => one.athleteId === id)).toEqual([])
  })
})

describe('addresses for calendars', () => {
  const events = (text: string): VEvent[] =>
    Object.values(nodeIcal.parseICS(text)).filter((one): one is VEvent => one?.type === 'VEVENT')
  const get = (url: string) => readFeed(base.db, url.split('/').at(-1)!, () => TODAY)

  it('hold the athlete’s plan, and rise in sequence where it is repaired', async () => {
    const id = await add()
    const entry = cup('2026-04-18')
    await changeSeason(head, groupId, change({ put: [entry] }))
    const { url } = await addFeed(head, { id: randomUUID(), scope: 'athlete', subjectId: id })
    const before = events(await get(url))
    const find = (list: readonly VEvent[], uid: string) => list.find(e => e.uid === uid)
    expect(find(before, `${entry.id}@keen-anchor`)).toMatchObject({ summary: 'Cup' })
    const { changed } = await changeSeason(
      head, groupId,
      change({ version: 1, title: 'Cup moves', put: [{ ...entry, day: '2026-04-26', lastDay: '2026-04-26' }] }),
    )
    const after = events(await get(url))
    const moved = find(after, `${entry.id}@keen-anchor`)!
    expect([moved.start.toISOString(), Number(moved.sequence)]).toEqual(['2026-04-26T09:00:00.000Z', 1])
    for (const { day, to } of changed) {
      const told = find(after, `${id}-day-${addDays(MONDAY, day)}@keen-anchor`)!
      expect([Number(told.sequence), told.summary, told.status]).toEqual([
        1, `Trunk: ${to === 'off' ? 'free' : to}`, to === 'off' ? 'CANCELLED' : 'CONFIRMED',
      ])
    }
    expect(new Set(after.map(e => e.uid)).size).toBe(after.length)
  })

  it('are secret, end when taken back or when their owner is closed, and show only what the owner sees', async () => {
    const { context: coach, email } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [groupId],
    })
    await changeSeason(head, groupId, change({ put: [cup('2026-04-18', { name: 'Near Cup' })] }))
    const { url, feeds } = await addFeed(coach, { id: randomUUID(), scope: 'coach', subjectId: null })
    expect(events(await get(url)).some(e => String(e.summary).includes('Near Cup'))).toBe(true)
    const stored = await base.owner('calendar_feed').where({ person_id: coach.actor.personId }).select<
      Record<string, unknown>[]
    >('*')
    expect(JSON.stringify(stored)).not.toContain(url.split('/').at(-1))
    await base.owner('group_staff').where({ person_id: coach.actor.personId }).delete()
    expect(events(await get(url)).some(e => String(e.summary).includes('Near Cup'))).toBe(false)
    await expect(revokeFeed(head, feeds[0]!.id)).rejects.toMatchObject({ code: 'notFound' })
    await revokeFeed(coach, feeds[0]!.id)
    await expect(get(url)).rejects.toMatchObject({ code: 'notFound' })
    await expect(get('x'.repeat(43))).rejects.toMatchObject({ code: 'notFound' })
    const again = await addFeed(coach, { id: randomUUID(), scope: 'coach', subjectId: null })
    expect((await myFeeds(coach)).map(f => f.revoked)).toEqual([false, true])
    await base.owner('person').where({ email }).update({ closed_at: new Date() })
    await expect(get(again.url)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('are made by an athlete for the own plan alone', async () => {
    const [id, other] = [await add(), await add()]
    const { context: own } = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    await addFeed(own, { id: randomUUID(), scope: 'athlete', subjectId: id })
    await expect(addFeed(own, { id: randomUUID(), scope: 'athlete', subjectId: other })).rejects.toMatchObject({
      code: 'notFound',
    })
    await expect(addFeed(own, { id: randomUUID(), scope: 'coach', subjectId: null })).rejects.toMatchObject({
      code: 'notAllowed',
    })
  })
})

describe('a calendar read from an address', () => {
  let server: Server
  let host = ''
  let body = ''
  beforeAll(async () => {
    server = createServer((request, response) => {
      if (request.url === '/away') response.writeHead(302, { location: 'http://127.0.0.1:1/' }).end()
      else response.writeHead(request.url === '/none' ? 404 : 200).end(body)
    })
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
    host = `127.0.0.1:${(server.address() as AddressInfo).port}`
  })
  afterAll(() => new Promise(resolve => server.close(resolve)))
  const ask = (path: string, hosts = [host]) =>
    readSource(head, { groupId, kind: 'competition', text: null, url: `http://${host}${path}` }, hosts)
  const calendar = (day: string): string =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nX-WR-CALNAME:Federation\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Open\r\n`
    + `DTSTART;VALUE=DATE:${day}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`

  it('is taken over by a repair and known again when it is read again', async () => {
    body = calendar('20260418')
    const { found } = await ask('/')
    expect(found.map(f => f.state)).toEqual(['new'])
    await changeSeason(head, groupId, change({ put: found.map(f => f.entry) }))
    expect((await ask('/')).found.map(f => f.state)).toEqual(['same'])
    body = calendar('20260426')
    expect((await ask('/')).found.map(f => [f.state, f.before?.day, f.entry.day])).toEqual([[
      'changed', '2026-04-18', '2026-04-26',
    ]])
  })

  it('is read from hosts that the installation names, and from no other', async () => {
    await expect(ask('/', [])).rejects.toMatchObject({
      code: 'badInput',
      fields: { url: expect.stringContaining('switched off') as unknown },
    })
    await expect(ask('/', ['calendar.example'])).rejects.toMatchObject({ code: 'badInput' })
    await expect(ask('/away')).rejects.toMatchObject({ fields: { url: 'The calendar’s server could not be reached.' } })
    await expect(ask('/none')).rejects.toMatchObject({ fields: { url: 'The calendar’s server answered 404.' } })
    body = 'x'.repeat(700_000)
    await expect(ask('/')).rejects.toMatchObject({ fields: { url: 'The calendar is too large.' } })
  })
})
