import { afterAll, beforeAll, expect, it } from 'vitest'
import { facility, saveFacility } from './facility'
import { makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())

it('counts what stands in the gym over the version that was read, for that organisation alone', async () => {
  const coach = await makeOrganisation(base.db)
  const stranger = await makeOrganisation(base.db)
  expect(await saveFacility(coach, {
    version: 1, counts: { band: 3, wheel: 0 }, weights: { band: [120, 60], wheel: [2] },
  })).toEqual({ version: 2, counts: { band: 3 }, weights: { band: [60, 120] } })
  await expect(saveFacility(coach, { version: 1, counts: {}, weights: {} })).rejects.toMatchObject({
    code: 'changedElsewhere', current: { version: 2 },
  })
  expect(await facility(stranger)).toEqual({ version: 1, counts: {}, weights: {} })
  await expect(saveFacility(coach, { version: 2, counts: { sofa: 1 }, weights: {} })).rejects.toMatchObject({
    code: 'badInput',
  })
  await expect(saveFacility(coach, { version: 2, counts: {}, weights: { sofa: [40] } })).rejects.toMatchObject({
    code: 'badInput',
  })
  const spaced = await saveFacility(coach, { version: 2, counts: { floor: 12, lane: 2 }, weights: {} })
  expect(spaced.counts).toEqual({ floor: 12, lane: 2 })
  await expect(saveFacility(coach, { version: 3, counts: {}, weights: { floor: [40] } })).rejects.toMatchObject({
    code: 'badInput',
  })
})
