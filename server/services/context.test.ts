import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete, getAthlete, saveAthlete } from './athletes'
import type { Context } from './context'
import { addGroup } from './groups'
import { roster } from './roster'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { weekSheet } from './weeks'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over = {}, context: Context = head): Promise<string> =>
  (await addAthlete(context, randomUUID(), anAthlete(over))).id

describe('an assistant', () => {
  it('reads which drills are left, and nothing a diagnosis could be read from', async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'assistant', { groupIds: [head.groupId] })
    const id = await add({ groupIds: [head.groupId], flags: ['bloodPressureHeart'] })
    const said = [
      JSON.stringify(await getAthlete(context, id)), JSON.stringify(await roster(context)),
      JSON.stringify(await weekSheet(context, id, '2026-03-02')),
    ]
    for (const text of said) {
      expect(text).not.toContain('bloodPressure')
      expect(text).not.toMatch(/noBreathHold|no:inverted|pressureRise|clearanceFirst/)
      expect(text).toContain('"left":["brace.low-breath"')
    }
  })
})

describe('a coach', () => {
  it('keeps athletes in own groups and leaves the groups of others alone', async () => {
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [head.groupId],
    })
    await expect(addAthlete(coach, randomUUID(), anAthlete())).rejects.toMatchObject({
      fields: { groupIds: expect.any(String) },
    })
    const far = randomUUID()
    await addGroup(head, { id: far, name: `Far ${far}` })
    const id = await add({ groupIds: [head.groupId, far] })
    expect((await getAthlete(coach, id)).groupIds).toEqual([head.groupId])
    const own = randomUUID()
    await addGroup(coach, { id: own, name: `Own ${own}` })
    await saveAthlete(coach, id, 1, anAthlete({ groupIds: [own] }))
    expect([...(await getAthlete(head, id)).groupIds].sort()).toEqual([far, own].sort())
    await expect(saveAthlete(coach, id, 2, anAthlete({ groupIds: [far] }))).rejects.toMatchObject({ code: 'badInput' })
  })
})
