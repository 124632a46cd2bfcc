import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { importAthletes } from './athletes'
import { coachDay } from './coachDay'
import { addGroup } from './groups'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

async function squadOf(name: string, athletes: number): Promise<string> {
  const id = randomUUID()
  await addGroup(head, { id, name })
  await importAthletes(head, Array.from({ length: athletes }, (_, i) => ({
    id: randomUUID(), athlete: anAthlete({ name: `${name} ${i}`, groupIds: [id] }),
  })))
  return id
}

it('the day has the first squads that fit a page, says if there are more, and has any one asked for', async () => {
  await squadOf('A large', 60)
  await squadOf('B small', 30)
  const third = await squadOf('C third', 20)
  const day = await coachDay(head)
  expect(day.squads.map(({ group, athletes }) => [group.name, athletes.length])).toEqual([
    ['A large', 60], ['B small', 30],
  ])
  expect(day.more).toBe(true)
  const one = await coachDay(head, { group: third })
  expect(one.squads.map(({ group, athletes }) => [group.name, athletes.length])).toEqual([['C third', 20]])
  expect(one.more).toBe(false)
  expect(await coachDay(head, { group: randomUUID() })).toMatchObject({ squads: [], more: false })
})
