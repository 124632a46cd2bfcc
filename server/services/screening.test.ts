import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it, describe } from 'vitest'
import { FLAG_IDS, type Answers, type FlagId } from '~~/core/screening'
import { addAthlete, getAthlete } from './athletes'
import { screenAthlete } from './screening'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { theRecord } from './theRecord'
import type { Context } from './context'
import { storeWeek } from './weeks'

let base: Awaited<ReturnType<typeof testDatabase>>
afterAll(() => base.drop())
const yes = (...flags: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
const MONDAY = '2026-03-02'
let coach: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
})
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id
const asAthlete = async (athleteId: string): Promise<Context> =>
  (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId })).context
const pressure = { // a drill that a hernia takes away
  sessions: [{
    id: 'd2', day: 2, minutes: 60, lifts: [],
    items: [{
      id: 'i', variationId: 'front-plank.weight-on-back',
      dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
      slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: '',
    }],
  }],
}

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

describe('screening', () => {
  it('raises flags from answers, and every answer is on the record', async () => {
    const id = await add({ rungs: { 'front-plank': 10 } })
    expect((await screenAthlete(coach, id, 1, yes('wrist', 'chestPain'))).flags).toEqual(['chestPain', 'wrist'])
    await expect(storeWeek(coach, id, MONDAY, 0, pressure)).rejects.toThrow('refer first')
    // A red flag leaves only by a clearance, whatever is answered; the others go with the answers.
    expect((await screenAthlete(coach, id, 2, yes())).flags).toEqual(['chestPain'])
    const lines = (await theRecord(coach, { athleteId: id })).filter(line => line.action === 'health.screen')
    expect(lines).toHaveLength(2)
    expect((await getAthlete(coach, id)).screenedOn).not.toBeNull()
  })

  it('by the athlete can add a flag and take none away', async () => {
    const id = await add({ flags: ['shoulder'] })
    const own = await asAthlete(id)
    expect((await screenAthlete(own, id, 1, yes('wrist'))).flags).toEqual(['shoulder', 'wrist'])
    expect((await getAthlete(coach, id)).flags).toEqual(['shoulder', 'wrist'])
  })
})
