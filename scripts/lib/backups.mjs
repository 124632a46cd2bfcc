import { chmodSync, mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { execute } from './database.mjs'
import { findBinaries } from './postgres.mjs'
import { giveUp } from './project.mjs'
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
  if (code !== 0) giveUp(`${name} failed: ${error.trim()}`)
}

/** Dumps a whole database into one compressed file that only its owner reads. */
export async function backup(url, file) {
  const path = resolve(file)
  mkdirSync(dirname(path), { recursive: true })
  tool('pg_dump', url, ['--format=custom', '--no-password', `--file=${path}`])
  chmodSync(path, 0o600)
}

/** Empties a database and fills it from a dump, all of it or nothing. Made ready for the application role first. */
export async function restore(url, file) {
  await execute(url, `do $$ begin
    if not exists (select 1 from pg_roles where rolname = 'keen_anchor_app') then
      create role keen_anchor_app nologin;
    end if;
  end $$`)
  await execute(url, 'drop schema if exists keen_queue cascade; drop schema public cascade; create schema public')
  const { pathname } = new URL(url)
  tool('pg_restore', url, [
    '--no-password', '--exit-on-error', '--single-transaction', '--no-owner', `--dbname=${pathname.slice(1)}`,
    resolve(file),
  ])
}
