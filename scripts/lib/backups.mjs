import { mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { execute } from './database.mjs'
import { findBinaries } from './postgres.mjs'
import { capture } from './run.mjs'

/** Runs one of PostgreSQL's own tools; the password travels in the environment, never on the command line. */
function tool(name, url, args) {
  const { username, password, hostname, port, pathname } = new URL(url)
  const { code, error } = capture(join(findBinaries() ?? '', name), args, {
    env: {
      ...process.env, PGHOST: hostname, PGPORT: port || '5432', PGUSER: decodeURIComponent(username),
      PGPASSWORD: decodeURIComponent(password), PGDATABASE: pathname.slice(1),
    },
  })
  if (code !== 0) throw new Error(`${name} failed: ${error.trim()}`)
}

/**
 * Dumps a whole database into one compressed file that only its owner reads, from its first byte on. What stands there
 * already gives way when the dump is whole.
 */
export async function backup(url, file) {
  const path = resolve(file)
  const part = `${path}.part`
  mkdirSync(dirname(path), { recursive: true })
  // A file that is left over keeps its own rights.
  rmSync(part, { force: true })
  const before = process.umask(0o077)
  try {
    tool('pg_dump', url, ['--format=custom', '--no-password', `--file=${part}`])
    renameSync(part, path)
  }
  catch (error) {
    rmSync(part, { force: true })
    throw error
  }
  finally {
    process.umask(before)
  }
}

/** The same server with another database. */
function onServer(url, name) {
  const other = new URL(url)
  other.pathname = `/${name}`
  return other.toString()
}

/**
 * Fills a new database from a dump and puts it in the place of the one there is: a dump that is damaged, or of
 * something else, leaves everything as it was.
 */
export async function restore(url, file) {
  const name = new URL(url).pathname.slice(1)
  const server = onServer(url, 'postgres')
  const [fresh, old] = [`${name}_restored`, `${name}_replaced`]
  await execute(server, `do $$ begin
    if not exists (select 1 from pg_roles where rolname = 'keen_anchor_app') then
      create role keen_anchor_app nologin;
    end if;
  end $$`)
  await execute(server, `drop database if exists "${fresh}" with (force)`)
  await execute(server, `create database "${fresh}"`)
  try {
    tool('pg_restore', onServer(url, fresh), [
      '--no-password', '--exit-on-error', '--single-transaction', '--no-owner', `--dbname=${fresh}`, resolve(file),
    ])
    const { rows: [{ ours }] } = await execute(onServer(url, fresh),
      `select to_regclass('public.organisation') is not null
        and to_regclass('public.knex_migrations') is not null as ours`)
    if (!ours) throw new Error('This file is no backup of Keen Anchor.')
  }
  catch (error) {
    await execute(server, `drop database if exists "${fresh}" with (force)`)
    throw error
  }
  await exchange(server, { name, fresh, old })
}

/** One database takes another one's name; what failed half way is put back. */
async function exchange(server, { name, fresh, old }) {
  await execute(server, `drop database if exists "${old}" with (force)`)
  await execute(server, `select pg_terminate_backend(pid) from pg_stat_activity where datname = '${name}'`)
  await execute(server, `alter database "${name}" rename to "${old}"`)
  try {
    await execute(server, `alter database "${fresh}" rename to "${name}"`)
  }
  catch (error) {
    await execute(server, `alter database "${old}" rename to "${name}"`)
    throw error
  }
  await execute(server, `drop database "${old}" with (force)`)
}
