import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { loadDemoIfEmpty } from './demo'
import { makeOrganisation, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => {
  base = await testDatabase()
  await makeOrganisation(base.db)
})
afterAll(() => base.drop())

describe('the demo', () => {
  it('is loaded once, into an empty installation only', async () => {
    const fresh = await testDatabase()
    try {
      const now = new Date('2026-03-04T12:00:00Z')
      expect(await Promise.all([loadDemoIfEmpty(fresh.db, now), loadDemoIfEmpty(fresh.db, now)])).toEqual(
        expect.arrayContaining([true, false]),
      )
      const { rows } = await fresh.owner.raw(
        `select (select count(*)::int from athlete) as athletes, (select count(*)::int from set_log) as sets,
        (select count(*)::int from set_log_other) as strays, (select count(*)::int from person) as people`,
      )
      expect(rows[0]).toMatchObject({ athletes: 24, strays: 0, people: 9 })
      expect(rows[0].sets).toBeGreaterThan(1500)
    }
    finally {
      await fresh.drop()
    }
    expect(await loadDemoIfEmpty(base.db, new Date())).toBe(false)
  }, 120_000)
})
