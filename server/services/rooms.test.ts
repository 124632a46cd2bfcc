import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { checked, roomsSchema } from '~~/shared/schemas'
import { rooms, saveRooms } from './rooms'
import { makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())
const hall = { id: randomUUID(), name: 'Hall', people: 12, from: '07:00', to: '21:00' }

it('keeps the rooms of an organisation over the version that was read, for it alone', async () => {
  const coach = await makeOrganisation(base.db)
  const stranger = await makeOrganisation(base.db)
  expect(await rooms(coach)).toEqual({ version: 1, rooms: [] })
  expect(await saveRooms(coach, { version: 1, rooms: [hall] })).toEqual({ version: 2, rooms: [hall] })
  await expect(saveRooms(coach, { version: 1, rooms: [] })).rejects.toMatchObject({
    code: 'changedElsewhere', current: { version: 2, rooms: [hall] },
  })
  expect(await rooms(stranger)).toEqual({ version: 1, rooms: [] })
})

it('reads no room that closes before it opens, has no name, or stands twice', () => {
  const asked = (...all: object[]) => () => checked(roomsSchema, { version: 1, rooms: all })
  expect(asked(hall)).not.toThrow()
  for (const wrong of [{ ...hall, to: '06:00' }, { ...hall, name: '' }, { ...hall, from: '7' }, { ...hall, people: 0 }])
    expect(asked(wrong)).toThrow()
  expect(asked(hall, { ...hall, id: randomUUID() })).toThrow()
})
