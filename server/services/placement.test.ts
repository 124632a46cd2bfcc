import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete } from './athletes'
import { placeByHand } from './placement'
import { theRecord } from './theRecord'
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
      version: 1, variationId: 'side-plank.top-leg-raised', reason: 'Seen in training.',
    })
    expect(placed.version).toBe(2)
    expect(placed.stands.filter(one => one.startsWith('side-plank.'))).toEqual(['side-plank.top-leg-raised'])
    await expect(placeByHand(coach, id, { version: 1, variationId: 'side-plank.feet', reason: 'Late.' })).rejects
      .toMatchObject({ code: 'changedElsewhere' })
    await expect(placeByHand(coach, id, { version: 2, variationId: 'side-plank.nothing', reason: 'Nowhere.' })).rejects
      .toMatchObject({ fields: { variationId: expect.any(String) } })
    expect((await theRecord(coach, { athleteId: id })).find(line => line.action === 'rung.place')!.after).toEqual({
      stands: 'side-plank.top-leg-raised', reason: 'Seen in training.',
    })
  })
})
