import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addPerson, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { floorDay } from './floor'
import { addGroup } from './groups'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
const [inside, outside] = [nobody(), nobody()]
const other = { id: randomUUID(), name: 'Other squad' }
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  await addGroup(head, other)
  for (const [one, groupId] of [[inside, head.groupId], [outside, other.id]] as const) {
    await giveSeason(head, groupId, groupId)
    await fillAthlete(head, groupId, one)
  }
})
afterAll(() => base.drop())

describe('the floor of a squad', () => {
  it('holds everybody of it who trains today, with what is logged, and what is in the gym', async () => {
    const { day, runs, known, counts } = await floorDay(head, head.groupId)
    expect([day, runs.map(run => run.athleteId)]).toEqual([TODAY, [inside.id]])
    expect(runs[0]).toMatchObject({ session: { id: inside.sessionId }, stop: null, logs: [{ side: 'left' }, {}] })
    // The sets of today make nothing known.
    expect([known, counts]).toEqual([{ [inside.id]: [] }, {}])
  })

  it('of another organisation, or of a squad out of sight, is none', async () => {
    const far = await makeOrganisation(base.db)
    await expect(floorDay(far, head.groupId)).rejects.toMatchObject({ code: 'notFound' })
    const { organisationId } = head.actor
    const { context: coach } = await addPerson(base.db, organisationId, 'coach', { groupIds: [other.id] })
    expect((await floorDay(coach, other.id)).runs.map(run => run.athleteId)).toEqual([outside.id])
    await expect(floorDay(coach, head.groupId)).rejects.toMatchObject({ code: 'notFound' })
  })
})
