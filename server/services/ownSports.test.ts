import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { weeklyTargets } from '~~/core/programme'
import { planningContext } from '~~/shared/planningContext'
import { STANDARD } from '~~/core/catalogue'
import { addAthlete } from './athletes'
import { saveSports, storedSports } from './ownSports'
import { theRecord } from './theRecord'
import { weekSheet } from './weeks'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const quarter = { weights: { rotation: 25 }, times: {}, faults: null, why: 'We turn more.' }

describe('what the organisation says otherwise about a sport', () => {
  it('is settled by the head coach over the version that was read, and reaches nobody else', async () => {
    expect(await saveSports(head, { version: 0, edits: { running: quarter } })).toMatchObject({ version: 1 })
    await expect(saveSports(head, { version: 0, edits: {} })).rejects.toMatchObject({
      code: 'changedElsewhere', current: { version: 1, edits: { running: quarter } },
    })
    const coach = (await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [head.groupId] })).context
    await expect(saveSports(coach, { version: 1, edits: {} })).rejects.toMatchObject({ code: 'notAllowed' })
    expect((await storedSports(coach)).edits).toEqual({ running: quarter })
    expect((await storedSports(stranger)).edits).toEqual({})
    expect((await theRecord(head, {})).some(line => line.action === 'sports.own')).toBe(true)
  })

  it('moves the targets of the weeks planned from then on', async () => {
    const athlete = await addAthlete(head, randomUUID(), anAthlete({ sport: 'running', groupIds: [head.groupId] }))
    const target = async (): Promise<number> => {
      const { athlete: one, settled } = await weekSheet(head, athlete.id, '2026-03-16')
      const context = planningContext(one, '2026-03-16', [], STANDARD, settled)
      return weeklyTargets({ ...context, sessions: 4 }).rotation.high
    }
    const edited = await target()
    const { version } = await storedSports(head)
    await saveSports(head, { version, edits: {} })
    expect(edited).toBeGreaterThan(await target() * 2)
  })
})
