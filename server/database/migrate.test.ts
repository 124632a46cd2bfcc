import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { connect } from './connection'
import { APP_ROLE, migrate } from './migrate'

const { adminUrl, appPassword } = inject('cluster')
const name = `migrate_${randomUUID().replaceAll('-', '')}`
const url = new URL(adminUrl)
url.pathname = `/${name}`
const admin = connect(adminUrl, 1)
const owner = connect(url.toString(), 1)

beforeAll(async () => {
  await admin.raw(`create database ${name}`)
})
afterAll(async () => {
  await owner.destroy()
  await admin.raw(`drop database ${name} with (force)`)
  await admin.destroy()
})

describe('migrating an empty database', () => {
  it('works from three servers at once', async () => {
    await Promise.all([1, 2, 3].map(() => migrate(url.toString(), appPassword, '2026-03-04')))
    const { rows } = await owner.raw('select count(*)::int as n from knex_migrations')
    expect(rows[0].n).toBe(1)
  })

  it('forces row-level security on every table that names an organisation, partitions too', async () => {
    const { rows } = await owner.raw(`
      select c.relname as name, c.relrowsecurity and c.relforcerowsecurity as forced
      from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname = 'public' and c.relkind in ('r', 'p')
        and exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'organisation_id')`)
    expect(rows.length).toBeGreaterThan(40)
    expect(rows.filter((row: { forced: boolean }) => !row.forced)).toEqual([])
  })

  it('leaves the application role with no ownership and no way around', async () => {
    const { rows } = await owner.raw('select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = ?', [APP_ROLE])
    expect(Object.values(rows[0])).toEqual([false, false, false, false])
    const owned = await owner.raw('select count(*)::int as n from pg_class where relowner = (select oid from pg_roles where rolname = ?)', [APP_ROLE])
    expect(owned.rows[0].n).toBe(0)
  })

  it('has a partition for every month of last, this and next year', async () => {
    const { rows } = await owner.raw('select count(*)::int as n from pg_inherits where inhparent = \'set_log\'::regclass')
    expect(rows[0].n).toBe(37)
  })

  it('adds next year\'s months to a database of last year', async () => {
    await migrate(url.toString(), appPassword, '2027-01-01')
    const { rows } = await owner.raw('select to_regclass(\'set_log_2028_12\') as there')
    expect(rows[0].there).toBe('set_log_2028_12')
  })
})
