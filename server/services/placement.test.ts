import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete } from './athletes'
import { placeByHand } from './placement'
import { theRecord } from './record'
import { anAthlete, makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id

describe('a rung set by hand', () => {
  it('keeps its reason on the record and the version that was read', async () => {
    const id = await add()
    const placed = await placeByHand(coach, id, {
      version: 1, ladder: 'side-plank', rung: 4, reason: 'Seen in training.',
    })
    expect(placed).toMatchObject({ version: 2, rungs: { 'side-plank': 4 } })
    await expect(placeByHand(coach, id, { version: 1, ladder: 'side-plank', rung: 2, reason: 'Late.' })).rejects
      .toMatchObject({ code: 'changedElsewhere' })
    await expect(placeByHand(coach, id, { version: 2, ladder: 'side-plank', rung: 39, reason: 'Too high.' })).rejects
      .toMatchObject({ fields: { rung: expect.any(String) } })
    await expect(placeByHand(coach, id, { version: 2, ladder: 'nothing', rung: 1, reason: 'Nowhere.' })).rejects
      .toMatchObject({ fields: { ladder: expect.any(String) } })
    expect((await theRecord(coach, { athleteId: id })).find(line => line.action === 'rung.place')!.after).toEqual({
      rung: 4, reason: 'Seen in training.',
    })
  })
})
