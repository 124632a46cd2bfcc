import { afterAll, beforeAll, expect, it } from 'vitest'
import { loadDemoIfEmpty } from './demo'
import { makeOrganisation, testDatabase } from '../testing/database'
import { demoDatabase } from '../testing/demo'

let demo: Awaited<ReturnType<typeof testDatabase>>
let other: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => {
  demo = await demoDatabase()
  other = await testDatabase()
  await makeOrganisation(other.db)
}, 400_000)
afterAll(async () => {
  await demo.drop()
  await other.drop()
})

it('the demo is loaded whole, by one of two servers that start at once', async () => {
  const { rows } = await demo.owner.raw(
    `select (select count(*)::int from athlete) as athletes, (select count(*)::int from set_log) as sets,
    (select count(*)::int from set_log_other) as strays, (select count(*)::int from person) as people`,
  )
  expect(rows[0]).toMatchObject({ athletes: 24, strays: 0, people: 9 })
  expect(rows[0].sets).toBeGreaterThan(1500)
})

it('has somebody who answers for everybody under age, and coaches who read their health answers', async () => {
  const year = new Date().getFullYear()
  const young = await demo.owner('athlete').where('birth_year', '>=', year - 18).pluck('id')
  const guardians = await demo.owner('guardian')
  expect([young.length > 2, guardians.map(one => one.athlete_id).sort()]).toEqual([true, young.sort()])
  expect(guardians.every(one => one.coaches.length > 0)).toBe(true)
})

it('is loaded into an empty installation only', async () => {
  expect(await loadDemoIfEmpty(demo.db, new Date())).toBe(false)
  expect(await loadDemoIfEmpty(other.db, new Date())).toBe(false)
})
