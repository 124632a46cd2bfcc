import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete, archiveAthlete, getAthlete, importAthletes, saveAthlete } from './athletes'
import { addGroup } from './groups'
import { roster } from './roster'
import { anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'

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
    expect((await roster(coach)).rows.filter(row => row.athlete.name.startsWith('Table Row'))).toEqual([])
    expect(await importAthletes(coach, some)).toHaveLength(3)
    expect(await importAthletes(coach, some)).toHaveLength(3)
    expect((await roster(coach)).rows.filter(row => row.athlete.name.startsWith('Table Row'))).toHaveLength(3)
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
    expect(await roster(stranger)).toEqual({ rows: [], total: 0, next: null })
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
