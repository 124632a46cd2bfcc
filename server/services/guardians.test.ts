import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FLAG_IDS, type Answers } from '~~/core/screening'
import type { Guardian } from '~~/shared/types'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { assessment } from './assessment'
import { addAthlete } from './athletes'
import type { Context } from './context'
import { changeGuardian, theGuardian } from './guardians'
import { screenAthlete } from './screening'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let coach: Context
let other: Context
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  const of = async (): Promise<Context> =>
    (await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [head.groupId] })).context
  ;[coach, other] = [await of(), await of()]
})
afterAll(() => base.drop())
const NO: Answers = Object.fromEntries(FLAG_IDS.map(flag => [flag, false]))
const add = async (birthYear: number): Promise<string> => {
  const input = anAthlete({ birthYear, trainingAgeYears: 1, groupIds: [head.groupId] })
  const { id } = await addAthlete(head, randomUUID(), input)
  await screenAthlete(head, id, 1, NO)
  return id
}
const named = (over: Partial<Guardian> = {}): Guardian =>
  ({ version: 0, name: 'Ana Holm', contact: '+00 12 34', consentOn: TODAY, coaches: [coach.actor.personId], ...over })

describe('health answers of somebody under 18', () => {
  it('are read by head coaches and the coaches they have named, by nobody else but the athlete', async () => {
    const id = await add(2010)
    await changeGuardian(head, id, named())
    const athlete = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    const read = async (context: Context): Promise<boolean> => (await assessment(context, id)).answers !== null
    expect([await read(head), await read(coach), await read(other), await read(athlete.context)]).toEqual(
      [true, true, false, true])
    expect((await assessment(other, id)).answersClosed).toBe(true)
    const { healthVersion } = await assessment(head, id)
    await expect(screenAthlete(other, id, healthVersion, NO)).rejects.toMatchObject({ code: 'notAllowed' })
    await screenAthlete(coach, id, healthVersion, NO)
  })

  it('are open to every coach of the squad from 18 on, by the latest birthday of the year', async () => {
    const [adult, almost] = [await add(2007), await add(2008)]
    expect([(await assessment(other, adult)).answers, (await assessment(other, almost)).answers]).toEqual([NO, null])
  })
})

describe('a guardian', () => {
  it('is written down by a coach over what was read; who reads answers is a head coach’s to say', async () => {
    const id = await add(2011)
    expect((await theGuardian(other, id)).guardian).toBeNull()
    await changeGuardian(other, id, named({ coaches: [other.actor.personId] }))
    expect((await theGuardian(other, id)).guardian).toMatchObject({ version: 1, name: 'Ana Holm', coaches: [] })
    await expect(changeGuardian(other, id, named())).rejects.toMatchObject({ code: 'changedElsewhere' })
    await expect(changeGuardian(other, id, named({ version: 1, consentOn: '2027-01-01' }))).rejects.toMatchObject({
      fields: { consentOn: expect.any(String) },
    })
    await changeGuardian(head, id, named({ version: 1, coaches: [other.actor.personId] }))
    await changeGuardian(coach, id, named({ version: 2, contact: '+00 56', coaches: [] }))
    expect((await theGuardian(head, id)).guardian).toMatchObject({
      version: 3, contact: '+00 56', coaches: [other.actor.personId],
    })
    const lines = await base.owner('audit').where({ athlete_id: id, action: 'guardian.change' })
    expect([lines.length, JSON.stringify(lines).includes('Ana Holm')]).toEqual([3, false])
  })
})
