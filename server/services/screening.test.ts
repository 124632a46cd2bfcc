import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { FLAG_IDS, type Answers, type FlagId } from '~~/core/screening'
import { addAthlete, getAthlete } from './athletes'
import { screenAthlete } from './screening'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())

const yes = (...flags: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))

it('never turns away what an athlete reports in the same moment as coaches store their forms', async () => {
  const coach = await makeOrganisation(base.db)
  const { id } = await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId] }))
  const own =
    (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId: id, passwordHash: 'x' })).context
  for (let round = 0; round < 8; round++) {
    const { version } = (await getAthlete(coach, id)).health
    const [reported] = await Promise.allSettled([
      screenAthlete(own, id, version, yes('chestPain')), screenAthlete(coach, id, version, yes()),
      screenAthlete(coach, id, version, yes('wrist')),
    ])
    expect(reported).toMatchObject({ status: 'fulfilled' })
    expect((await getAthlete(coach, id)).flags).toContain('chestPain')
  }
})
