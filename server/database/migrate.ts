import type { Knex } from 'knex'
import { connect, takeTurn } from './connection'
import { migrationSource } from './migrations'
import { prepareQueue } from '../queue/queue'

/** Any fixed number: servers that start together take turns on it. */
const MIGRATION_LOCK = 7_204_116

/** The role the application connects as: it owns nothing and cannot bypass row-level security. */
export const APP_ROLE = 'keen_anchor_app'

/**
 * Brings the database to the present release as its owner: application role, migrations, log partitions.
 * Safe to run from several servers at once.
 *
 * @param ownerUrl connection of the role that owns the tables
 * @param appPassword password the application role is given; null leaves the role as the administrator made it
 * @param day today, for the partitions ahead
 */
export async function migrate(ownerUrl: string, appPassword: string | null, day: string): Promise<void> {
  const db = connect(ownerUrl, 3, 30_000, 0)
  try {
    if (appPassword !== null) await ensureAppRole(db, appPassword)
    // The lock belongs to a connection of its own: Knex runs each migration in a transaction of its own.
    await db.transaction(async (lock) => {
      await takeTurn(lock, MIGRATION_LOCK)
      await db.migrate.latest({ migrationSource })
      await ensureLogMonths(db, day)
      await prepareQueue(db, APP_ROLE)
      // Not in a dump: a restored database has it taken away at its first start.
      await db.raw(`do $$ begin
        execute format('revoke temporary on database %I from public', current_database());
        -- Policies make plans look costly: compiling them takes longer than running them.
        execute format('alter database %I set jit = off', current_database());
      end $$`)
    })
  }
  finally {
    await db.destroy()
  }
}

/** Makes the months ahead of the set log, as the owner of the tables. */
export async function keepLogMonths(ownerUrl: string, day: string): Promise<void> {
  const db = connect(ownerUrl, 2, 30_000, 0)
  try {
    await db.transaction(async (lock) => {
      await takeTurn(lock, MIGRATION_LOCK)
      await ensureLogMonths(db, day)
    })
  }
  finally {
    await db.destroy()
  }
}

/** Whether the database is of this release, of an older or of a newer one; asked as the application role. */
export async function releaseOf(db: Knex): Promise<'this' | 'older' | 'newer'> {
  const { rows } = await db.raw<{ rows: { name: string }[] }>('select name from knex_migrations')
  const done = new Set(rows.map(row => row.name))
  const ours = await migrationSource.getMigrations([])
  if (ours.some(name => !done.has(name))) return 'older'
  return done.size > ours.length ? 'newer' : 'this'
}

/** What another database of the same cluster did in the same moment: there it is, or it was just being changed. */
const MADE_MEANWHILE = ['42710', '23505', 'XX000']
const TRIES = 5

/**
 * Committed before the migrations run: they grant to it on other connections. Roles are the whole cluster's, turns are
 * taken in one database.
 */
async function ensureAppRole(db: Knex, password: string): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      return await makeAppRole(db, password)
    }
    catch (error) {
      const { code } = error as { code?: string }
      if (code !== undefined && MADE_MEANWHILE.includes(code) && tries < TRIES) continue
      // Its message quotes the statement, and that the password.
      if (code !== undefined)
        throw Object.assign(new Error('The role of the application could not be made.'), { code })
      throw error
    }
  }
}

async function makeAppRole(db: Knex, password: string): Promise<void> {
  await db.transaction(async (tx) => {
    await takeTurn(tx, MIGRATION_LOCK)
    const { rows } = await tx.raw<{ rows: unknown[] }>('select 1 from pg_roles where rolname = ?', [APP_ROLE])
    const template = rows.length > 0
      ? 'alter role %I login password %L'
      : 'create role %I login nosuperuser nocreatedb nocreaterole nobypassrls password %L'
    // Role statements take no parameters: format() quotes the password inside the server.
    const { rows: made } = await tx.raw<{ rows: { statement: string }[] }>(
      'select format(?::text, ?::text, ?::text) as statement', [template, APP_ROLE, password])
    await tx.raw(made[0]!.statement.replaceAll('?', '\\?'))
  })
}

/** Partitions for the set log from last year to next year, one a month. */
async function ensureLogMonths(db: Knex, day: string): Promise<void> {
  const year = Number(day.slice(0, 4))
  const months = Array.from({ length: 36 }, (_, i) => ({ year: year - 1 + Math.floor(i / 12), month: (i % 12) + 1 }))
  const text = ({ year: y, month }: { year: number, month: number }): string => `${y}-${String(month).padStart(2, '0')}`
  for (const [index, month] of months.entries()) {
    const next = months[index + 1] ?? { year: year + 2, month: 1 }
    const table = `set_log_${text(month).replace('-', '_')}`
    const { rows } = await db.raw<{ rows: { there: string | null }[] }>('select to_regclass(?) as there', [table])
    if (rows[0]?.there) continue
    await db.raw(`
      create table ${table} partition of set_log for values from ('${text(month)}-01') to ('${text(next)}-01');
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
    `)
  }
}
