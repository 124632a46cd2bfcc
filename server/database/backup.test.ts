import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, inject, it } from 'vitest'
// Plain JavaScript: the scripts run before any package is installed.
import { backup, restore } from '../../scripts/lib/backups.mjs'
import { demoDatabase } from '../testing/demo'
import { connect } from './connection'

let base: Awaited<ReturnType<typeof demoDatabase>>
const folder = mkdtempSync(join(tmpdir(), 'backup-'))
const name = `restored_${randomUUID().replaceAll('-', '')}`
const target = new URL(inject('cluster').adminUrl)
target.pathname = `/${name}`
const admin = connect(inject('cluster').adminUrl, 1)
const restored = connect(target.toString(), 1)

beforeAll(async () => {
  base = await demoDatabase()
  await admin.raw(`create database ${name}`)
}, 400_000)
afterAll(async () => {
  rmSync(folder, { recursive: true })
  await restored.destroy()
  await admin.raw(`drop database ${name} with (force)`)
  await admin.destroy()
  await base.drop()
})

/** Rows and a checksum of every table, partitions one by one. */
async function inventory(db: ReturnType<typeof connect>): Promise<Record<string, string>> {
  const { rows: tables } = await db.raw(
    `select n.nspname || '.' || c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where c.relkind = 'r' and n.nspname in ('public', 'keen_queue') order by 1`,
  )
  const found: Record<string, string> = {}
  for (const { name: table } of tables as { name: string }[]) {
    const { rows: [sum] } = await db.raw(
      `select count(*)::text || ' ' || coalesce(md5(string_agg(t::text, E'\\n' order by t::text)),
        '') as sum from ${table} t`,
    )
    found[table] = sum.sum as string
  }
  return found
}

it('a restored backup holds every row of every table, and its walls', async () => {
  const file = join(folder, 'whole.dump')
  await backup(base.url, file)
  expect(statSync(file).mode & 0o777).toBe(0o600)
  await restore(target.toString(), file)
  const before = await inventory(base.owner)
  expect(Object.keys(before).length).toBeGreaterThan(50)
  expect(before['public.athlete']).toMatch(/^24 /)
  expect(await inventory(restored)).toEqual(before)
  const policies = 'select count(*)::int as n from pg_policies'
  expect((await restored.raw(policies)).rows).toEqual((await base.owner.raw(policies)).rows)
  // A second time over what is there: a restore can be repeated.
  await restore(target.toString(), file)
  expect(await inventory(restored)).toEqual(before)
}, 120_000)
