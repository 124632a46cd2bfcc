import { afterAll, beforeAll, expect, it } from 'vitest'
import { testDatabase } from '../testing/database'
import { connect } from './connection'
import { countOf } from './counted'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())

it('what is asked of a database is counted, and who waited for a connection', async () => {
  const db = connect(base.appUrl, 1)
  const counted = countOf(db)
  await db.raw('select 1')
  expect(counted()).toMatchObject({ statements: 1, connections: 1 })
  // One connection for two: the second waits until the first has slept.
  const before = counted()
  await Promise.all([db.raw('select pg_sleep(0.2)'), db.raw('select 2')])
  const after = counted()
  expect([after.statements, after.connections]).toEqual([3, 3])
  expect(after.waited).toBeGreaterThan(before.waited)
  expect(after.longestWaitMs).toBeGreaterThanOrEqual(150)
  await db.destroy()
})
