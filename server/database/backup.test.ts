import { randomUUID } from 'node:crypto'
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
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
let restored = connect(target.toString(), 1)
/** Another database stands under the name now. */
async function again(): Promise<typeof restored> {
  await restored.destroy()
  restored = connect(target.toString(), 1)
  return restored
}

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
  await restored.destroy()
  await restore(target.toString(), file)
  await again()
  const before = await inventory(base.owner)
  expect(Object.keys(before).length).toBeGreaterThan(50)
  expect(before['public.athlete']).toMatch(/^24 /)
  expect(await inventory(restored)).toEqual(before)
  const policies = 'select count(*)::int as n from pg_policies'
  expect((await restored.raw(policies)).rows).toEqual((await base.owner.raw(policies)).rows)
  // A second time over what is there: a restore can be repeated.
  await restore(target.toString(), file)
  expect(await inventory(await again())).toEqual(before)
}, 120_000)

it('a damaged file, or one of something else, leaves everything as it was', async () => {
  const file = join(folder, 'damaged.dump')
  await backup(base.url, file)
  const before = await inventory(await again())
  const whole = readFileSync(file)
  writeFileSync(file, whole.subarray(0, whole.length / 2))
  await expect(restore(target.toString(), file)).rejects.toThrow('pg_restore failed')
  const other = join(folder, 'other.dump')
  await backup(inject('cluster').adminUrl, other)
  await expect(restore(target.toString(), other)).rejects.toThrow('no backup of Keen Anchor')
  expect(await inventory(await again())).toEqual(before)
  const { rows } = await admin.raw('select datname from pg_database where datname like ?', [`${name}_%`])
  expect(rows).toEqual([])
}, 120_000)

it('a backup is nobody else’s to read from its first byte on; one that fails leaves the older one', async () => {
  const file = join(folder, 'open.dump')
  writeFileSync(file, 'an older one')
  chmodSync(file, 0o644)
  const gone = new URL(target)
  gone.pathname = '/no_such_database'
  await expect(backup(gone.toString(), file)).rejects.toThrow('pg_dump failed')
  expect([readFileSync(file, 'utf8'), existsSync(`${file}.part`)]).toEqual(['an older one', false])
  await backup(base.url, file)
  expect(statSync(file).mode & 0o777).toBe(0o600)
}, 120_000)

it('a role that is no superuser and made for it backs up what forced row-level security hides', async () => {
  const role = `backup_${randomUUID().slice(0, 8)}`
  await admin.raw(`create role ${role} login bypassrls password 'only-for-this-test' in role pg_read_all_data`)
  try {
    const url = new URL(base.url)
    Object.assign(url, { username: role, password: 'only-for-this-test' })
    const file = join(folder, 'by-role.dump')
    await backup(url.toString(), file)
    await restored.destroy()
    await restore(target.toString(), file)
    expect(await inventory(await again())).toEqual(await inventory(base.owner))
  }
  finally {
    await admin.raw(`drop role ${role}`)
  }
}, 120_000)
