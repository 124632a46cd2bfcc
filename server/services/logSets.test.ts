import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { PlannedSession, TrunkItem, WeekPlan } from '~~/core/programme'
import type { SetLogInput } from '~~/shared/types'
import { inOrganisation } from '../database/connection'
import { logsBetween } from '../repositories/setLogs'
import { addAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import type { Context } from './context'
import { history } from './history'
import { logSets } from './logSets'
import { roster } from './roster'
import { theRecord } from './theRecord'
import { athleteToday } from './sessions'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek } from './weeks'

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

  it('keeps one set of what two devices have logged, and what each says of it, whoever comes first', async () => {
    for (const order of [0, 1]) {
      const id = await assigned()
      const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
      const board = aLog(itemId, { amount: 10, breakPoint: 'none', effort: null, feltAt: [], quality: 9 })
      const phone = aLog(itemId, { amount: 7, breakPoint: 'trunk', effort: 8, note: 'late' })
      const both = order === 0 ? [board, phone] : [phone, board]
      for (const log of both) await logSets(coach, [log])
      // Sent again by a device that never got its answer.
      await logSets(coach, [both[0]!])
      await logSets(coach, [both[1]!])
      const { logs } = await athleteToday(coach, id)
      expect(logs).toHaveLength(1)
      expect(logs[0]).toMatchObject({
        id: both[0]!.id, amount: 7, breakPoint: 'trunk', effort: 8, note: 'late', quality: 9, feltAt: ['sides'],
      })
    }
  })

  it('keeps one set when two devices send at the same moment', async () => {
    const id = await assigned()
    const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
    await Promise.all(Array.from({ length: 8 }, (_, i) => logSets(coach, [aLog(itemId, { amount: i })])))
    expect((await athleteToday(coach, id)).logs).toHaveLength(1)
  })

  it('puts a set right and keeps what was there in the record; pain that comes to light is told', async () => {
    const id = await assigned()
    const itemId = (await athleteToday(coach, id)).session!.items[0]!.id
    const first = aLog(itemId, { amount: 8, breakPoint: 'none', effort: null })
    await logSets(coach, [first])
    await logSets(coach, [aLog(itemId, { amount: 5, breakPoint: 'pain', painAt: 'lowBack', corrects: first.id })])
    const { logs } = await athleteToday(coach, id)
    expect(logs).toMatchObject([{ id: first.id, amount: 5, breakPoint: 'pain', painAt: 'lowBack' }])
    const [line] = (await theRecord(coach, { athleteId: id })).filter(one => one.action === 'sets.correct')
    expect([line!.before, line!.after]).toMatchObject([{ amount: 8, breakPoint: 'none' }, { amount: 5 }])
    const own: Context = { ...coach, actor: { ...coach.actor, role: 'athlete', athleteId: id } }
    await expect(logSets(own, [aLog(itemId, { corrects: first.id, breakPoint: 'none', painAt: null })]))
      .rejects.toMatchObject({ code: 'notAllowed' })
    const pain = (await roster(coach)).rows.find(row => row.athlete.id === id)!.athlete.health.pain
    expect(pain).toMatchObject([{ variationId: 'side-plank.feet', times: 1 }])
    await logSets(coach, [aLog(itemId, { amount: 6, breakPoint: 'trunk', corrects: first.id })])
    expect((await roster(coach)).rows.find(row => row.athlete.id === id)!.athlete.health.pain).toEqual([])
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
    const row = (await roster(coach)).rows.find(r => r.athlete.id === id)!
    expect(row).toMatchObject({ adherence: 0.5, lastLogDay: TODAY, painInLastDays: true, thisWeek: 'assigned' })
    const past = await history(coach, id, '2026-02-01', TODAY)
    expect(past.prescribed).toHaveLength(1)
    expect(past.logs).toHaveLength(2)
  })
})
