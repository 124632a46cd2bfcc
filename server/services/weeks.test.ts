import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { PlannedSession, TrunkItem, WeekPlan } from '~~/core/programme'
import { addAthlete, saveAthlete } from './athletes'
import { anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { reviewWeek, storeWeek, weekSheet } from './weeks'
import { assignWeek } from './assignWeek'

const MONDAY = '2026-03-02'
const plank = {
  id: 'i1', variationId: 'side-plank.feet',
  dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
  slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  coach = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
let coach: Awaited<ReturnType<typeof makeOrganisation>>
const add = async (over = {}): Promise<string> =>
  makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete(over))).id)
const side: TrunkItem = {
  id: 'i1', variationId: 'side-plank.feet', dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
}
const wednesday: PlannedSession = { id: 'd2', day: 2, minutes: 60, lifts: [], items: [side] }
const plan: WeekPlan = { sessions: [wednesday] }

describe('a week looked at with the engine’s eyes', () => {
  it('has its mistakes named and single changes offered', async () => {
    const { id } = await addAthlete(head, randomUUID(), anAthlete({ groupIds: [head.groupId] }))
    const crunches = {
      ...plank, variationId: 'flexion.crunch', dose: { sets: 3, amount: 25, unit: 'reps' as const, restS: 30 },
    }
    const { findings, improvements } = await reviewWeek(head, id, MONDAY, [{
      id: 'd2', day: 2, minutes: 60, lifts: [], items: [crunches],
    }])
    expect(findings.map(f => f.mistake)).toContain('onePlane')
    expect(improvements.length).toBeGreaterThan(0)
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
