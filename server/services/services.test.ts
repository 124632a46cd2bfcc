import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import type { PlannedSession, TrunkItem, WeekPlan } from '~~/core/programme'
import type { SetLogInput } from '~~/shared/types'
import { inOrganisation } from '../database/connection'
import { logsBetween } from '../repositories/setLogs'
import { addAthlete, archiveAthlete, getAthlete, importAthletes, roster, saveAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import type { Context } from './context'
import { loadDemoIfEmpty } from './demo'
import { addGroup } from './groups'
import { history } from './history'
import { logSets } from './logSets'
import { athleteToday, runSession } from './sessions'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>

beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
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

describe('the roster', () => {
  it('adds once however often it is sent', async () => {
    const id = randomUUID()
    const first = await addAthlete(coach, id, anAthlete({ name: 'Once Only', groupIds: [coach.groupId] }))
    expect(await addAthlete(coach, id, anAthlete({ name: 'Twice' }))).toEqual(first)
    expect(first).toMatchObject({ name: 'Once Only', version: 1, groupIds: [coach.groupId] })
  })

  it('comes in from a table whole or not at all', async () => {
    const some = [1, 2, 3].map(i => ({
      id: randomUUID(),
      athlete: anAthlete({ name: `Table Row ${i}`, groupIds: [coach.groupId] }),
    }))
    const wrong = { id: randomUUID(), athlete: anAthlete({ name: 'Table Row 4', groupIds: [stranger.groupId] }) }
    await expect(importAthletes(coach, [...some, wrong])).rejects.toMatchObject({
      fields: { 'athletes.3.athlete.groupIds': expect.any(String) },
    })
    expect((await roster(coach)).filter(row => row.athlete.name.startsWith('Table Row'))).toEqual([])
    expect(await importAthletes(coach, some)).toHaveLength(3)
    expect(await importAthletes(coach, some)).toHaveLength(3)
    expect((await roster(coach)).filter(row => row.athlete.name.startsWith('Table Row'))).toHaveLength(3)
  })

  it('saves over the version that was read and refuses an older one', async () => {
    const id = await add()
    const saved = await saveAthlete(coach, id, 1, anAthlete({ massKg: 66.5, flags: ['wrist'] }))
    expect(saved).toMatchObject({ version: 2, massKg: 66.5, flags: ['wrist'] })
    await expect(saveAthlete(coach, id, 1, anAthlete())).rejects.toMatchObject({ code: 'changedElsewhere' })
    expect((await archiveAthlete(coach, id, 2, true)).archived).toBe(true)
  })

  it('shows another organisation nothing at all', async () => {
    const id = await add()
    await expect(getAthlete(stranger, id)).rejects.toMatchObject({ code: 'notFound' })
    await expect(saveAthlete(stranger, id, 1, anAthlete())).rejects.toMatchObject({ code: 'notFound' })
    expect(await roster(stranger)).toEqual([])
    await expect(addAthlete(stranger, id, anAthlete())).rejects.toMatchObject({ code: 'alreadyExists' })
    expect((await getAthlete(coach, id)).name).toBe('Test Athlete')
  })

  it('shows no row of any table without an organisation', async () => {
    for (const table of ['athlete', 'person', 'organisation', 'training_week', 'set_log']) {
      expect(await base.db(table).count('* as n').first(), table).toEqual({ n: '0' })
    }
  })

  it('refuses a group of somebody else', async () => {
    await expect(addAthlete(coach, randomUUID(), anAthlete({ groupIds: [stranger.groupId] }))).rejects
      .toMatchObject({ code: 'badInput', fields: { groupIds: expect.any(String) } })
  })

  it('keeps group names apart', async () => {
    await expect(addGroup(coach, { id: randomUUID(), name: ' squad ' })).rejects.toMatchObject({
      code: 'alreadyExists',
    })
    expect(await addGroup(coach, { id: randomUUID(), name: 'Juniors' })).toHaveLength(2)
  })
})

describe('weeks', () => {
  it('come with sessions on the days there is time', async () => {
    const sheet = await weekSheet(coach, await add(), MONDAY)
    expect(sheet.week).toMatchObject({ version: 0, status: 'draft' })
    expect(sheet.week.plan.sessions.map(s => s.day)).toEqual([0, 2])
  })

  it('are saved over the version that was read', async () => {
    const id = await add()
    expect((await storeWeek(coach, id, MONDAY, 0, plan)).version).toBe(1)
    expect((await storeWeek(coach, id, MONDAY, 1, { sessions: [] })).version).toBe(2)
    await expect(storeWeek(coach, id, MONDAY, 0, plan)).rejects.toMatchObject({ code: 'changedElsewhere' })
    await expect(storeWeek(coach, id, MONDAY, 1, plan)).rejects.toMatchObject({ code: 'changedElsewhere' })
  })

  it('start on a Monday', async () => {
    await expect(storeWeek(coach, await add(), '2026-03-03', 0, plan)).rejects.toMatchObject({
      fields: { startsOn: expect.any(String) },
    })
  })

  it('never hold a drill that must not be given, nor one that does not exist', async () => {
    const hurt = await add({ flags: ['shoulder'] })
    await expect(storeWeek(coach, hurt, MONDAY, 0, plan)).rejects.toMatchObject({
      code: 'badInput', fields: { 'd2.i1': expect.stringContaining('Shoulder') },
    })
    const unknown = { sessions: [{ ...wednesday, items: [{ ...side, variationId: 'made.up' }] }] }
    await expect(storeWeek(coach, await add(), MONDAY, 0, unknown)).rejects.toMatchObject({ code: 'badInput' })
  })

  it('are not assigned once a flag has come up since', async () => {
    const id = await add()
    await storeWeek(coach, id, MONDAY, 0, plan)
    await saveAthlete(coach, id, 1, anAthlete({ flags: ['chestPain'] }))
    await expect(assignWeek(coach, id, MONDAY, 1)).rejects.toMatchObject({ code: 'badInput' })
  })
})

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
    const rungs = { ...anAthlete().rungs, 'inside-lift': 6 }
    const free = await assigned({ rungs }, { sessions: [{ ...wednesday, items: [squat] }] })
    expect((await athleteToday(coach, free)).session!.items[0]!.breath).toBe('holdAndReset')
    // The same drill loads the belly too, so that an athlete with the flag is not given it at all.
    await expect(assigned({ rungs, flags: ['bloodPressureHeart'] }, { sessions: [{ ...wednesday, items: [squat] }] }))
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

describe('logging', () => {
  it('stores a set once however often it is sent', async () => {
    const id = await assigned()
    const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
    const log = aLog(itemId, { setting: { loadKg: 5 }, note: 'steady' })
    await logSets(coach, [log])
    await logSets(coach, [log, aLog(itemId, { side: 'right' })])
    const { logs } = await athleteToday(coach, id)
    expect(logs).toHaveLength(2)
    expect(logs.find(l => l.id === log.id)).toMatchObject({ ...log, variationId: 'side-plank.feet', unit: 'seconds' })
    const rows = await inOrganisation(
      base.db, stranger.actor,
      tx => logsBetween(tx, stranger.actor.organisationId, [id], TODAY, TODAY),
    )
    expect(rows).toEqual([])
  })

  it('survives ten senders of the same set at once', async () => {
    const id = await assigned()
    const log = aLog((await athleteToday(coach, id)).session!.items[0]!.id)
    await Promise.all(Array.from({ length: 10 }, () => logSets(coach, [log])))
    expect((await athleteToday(coach, id)).logs).toHaveLength(1)
  })

  it('asks for the side, refuses days ahead, drills of others and of nobody', async () => {
    const id = await assigned()
    const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
    await expect(logSets(coach, [aLog(itemId, { side: null })])).rejects.toMatchObject({
      fields: { 'logs.0.side': expect.any(String) },
    })
    await expect(logSets(coach, [aLog(itemId, { day: '2026-03-09' })])).rejects.toMatchObject({ code: 'badInput' })
    await expect(logSets(stranger, [aLog(itemId)])).rejects.toMatchObject({ code: 'notFound' })
    const other: Context = { ...coach, actor: { ...coach.actor, role: 'athlete', athleteId: randomUUID() } }
    await expect(logSets(other, [aLog(itemId)])).rejects.toMatchObject({ code: 'notFound' })
    await expect(athleteToday(other, id)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('shows in the roster and the history', async () => {
    const id = await assigned({ name: 'Logged Well' })
    const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
    await logSets(coach, [aLog(itemId), aLog(itemId, { side: 'right', breakPoint: 'pain', painAt: 'lowBack' })])
    const row = (await roster(coach)).find(r => r.athlete.id === id)!
    expect(row).toMatchObject({ adherence: 0.5, lastLogDay: TODAY, painInLastDays: true, thisWeek: 'assigned' })
    const past = await history(coach, id, '2026-02-01', TODAY)
    expect(past.prescribed).toHaveLength(1)
    expect(past.logs).toHaveLength(2)
  })
})

describe('the demo', () => {
  it('is loaded once, into an empty installation only', async () => {
    const fresh = await testDatabase()
    try {
      const now = new Date('2026-03-04T12:00:00Z')
      expect(await Promise.all([loadDemoIfEmpty(fresh.db, now), loadDemoIfEmpty(fresh.db, now)])).toEqual(
        expect.arrayContaining([true, false]),
      )
      const { rows } = await fresh.owner.raw(
        `select (select count(*)::int from athlete) as athletes, (select count(*)::int from set_log) as sets,
        (select count(*)::int from set_log_other) as strays, (select count(*)::int from person) as people`,
      )
      expect(rows[0]).toMatchObject({ athletes: 24, strays: 0, people: 9 })
      expect(rows[0].sets).toBeGreaterThan(1500)
    }
    finally {
      await fresh.drop()
    }
    expect(await loadDemoIfEmpty(base.db, new Date())).toBe(false)
  }, 120_000)
})
