import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { connect, takeTurn } from './connection'
import { APP_ROLE, migrate } from './migrate'
import { migrationSource } from './migrations'
import * as foundation from './migrations/0001_foundation'

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
    expect(rows[0].n).toBe((await migrationSource.getMigrations([])).length)
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
    const { rows } = await owner.raw(
      'select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = ?',
      [APP_ROLE],
    )
    expect(Object.values(rows[0])).toEqual([false, false, false, false])
    const owned = await owner.raw(
      'select count(*)::int as n from pg_class where relowner = (select oid from pg_roles where rolname = ?)',
      [APP_ROLE],
    )
    expect(owned.rows[0].n).toBe(0)
  })

  it('has a partition for every month of last, this and next year', async () => {
    const { rows } = await owner.raw(
      'select count(*)::int as n from pg_inherits where inhparent = \'set_log\'::regclass')
    expect(rows[0].n).toBe(37)
  })

  it('adds next year\'s months to a database of last year', async () => {
    await migrate(url.toString(), appPassword, '2027-01-01')
    const { rows } = await owner.raw('select to_regclass(\'set_log_2028_12\') as there')
    expect(rows[0].there).toBe('set_log_2028_12')
  })
})

describe('migrating a database of the release before', () => {
  const earlier = `migrate_${randomUUID().replaceAll('-', '')}`
  const earlierUrl = new URL(adminUrl)
  earlierUrl.pathname = `/${earlier}`
  const before = connect(earlierUrl.toString(), 1)
  afterAll(async () => {
    await before.destroy()
    await admin.raw(`drop database ${earlier} with (force)`)
  })

  it('carries flags, sight, frozen drills, rungs and competitions over', async () => {
    await admin.raw(`create database ${earlier}`)
    await before.transaction(async (tx) => {
      await foundation.up(tx)
    })
    await before.raw(
      `create table knex_migrations (id serial primary key, name text, batch integer, migration_time timestamptz);
      create table knex_migrations_lock (index serial primary key,
        is_locked integer); insert into knex_migrations_lock (is_locked) values (0);
      insert into knex_migrations (name, batch, migration_time) values ('0001_foundation', 1, now())`)
    const [organisation, athlete, coach, group, session, item, cup] = Array.from({ length: 7 }, () => randomUUID())
    await before.raw(`
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'Atlantic/Faroe');
      insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment,
        available, flags, brace_step, rungs) values ('${athlete}', '${organisation}', 'Old Hand', '', 'general', '',
          'male', 180, 80, 1990, 5,
        '{}', '[]', '{wrist,shoulder}', 4, '{"front-plank":4,"side-plank":6,"carries":1}');
      insert into person (id, organisation_id, role, name, email, password_hash) values ('${coach}', '${organisation}',
        'coach', 'C', 'c@old.example', 'x');
      insert into training_group (id, organisation_id, name) values ('${group}', '${organisation}', 'G');
      insert into competition (id, organisation_id, group_id, name, day, importance) values ('${cup}',
        '${organisation}', '${group}', 'Old Cup', '2026-03-14', 'A');
      insert into training_week (organisation_id, athlete_id, starts_on, plan) values ('${organisation}', '${athlete}',
        '2026-03-02', '{"sessions":[]}');
      insert into prescribed_session (id, organisation_id, athlete_id, starts_on, day, plan_key, minutes, lifts) values
        ('${session}', '${organisation}', '${athlete}', '2026-03-02', '2026-03-04', 'd2', 60, '[]');
      insert into prescribed_item (id, organisation_id, session_id, plan_key, place, variation_id, prescription) values
        ('${item}', '${organisation}', '${session}', 'i', 0, 'side-plank.feet', '{}')`)
    await migrate(earlierUrl.toString(), null, '2026-03-04')
    const { rows: [found] } = await before.raw(
      `select (select flags from athlete_health where athlete_id = '${athlete}') as flags,
      (select count(*)::int from group_staff where person_id = '${coach}' and group_id = '${group}') as sight,
      (select athlete_id from prescribed_item where id = '${item}') as of,
      (select stands from athlete where id = '${athlete}') as stands,
      (select kind || ' ' || day || ' ' || last_day || ' ' || time_zone || ' ' || importance
        from calendar_entry where id = '${cup}') as cup`,
    )
    // Elbow plank, side plank with band push and two-hand carry, on ladders that have grown and branched since.
    expect({ ...found, stands: [...found.stands].sort() }).toEqual({
      flags: ['wrist', 'shoulder'], sight: 1, of: athlete,
      stands: [
        'carries.march-hold', 'carries.two-hand', 'front-plank.elbows', 'side-plank.ball-lean', 'side-plank.band-push',
        'side-plank.bottom-leg', 'side-plank.top-leg-raised', 'side-plank.weight-on-hip',
      ],
      cup: 'competition 2026-03-14 2026-03-14 Atlantic/Faroe A',
    })
  })
})

describe('the role of the application', () => {
  const others = [1, 2, 3].map(() => `role_${randomUUID().replaceAll('-', '')}`)
  const at = (database: string): string => Object.assign(new URL(adminUrl), { pathname: `/${database}` }).toString()
  beforeAll(async () => { for (const one of others) await admin.raw(`create database ${one}`) })
  afterAll(async () => { for (const one of others) await admin.raw(`drop database ${one} with (force)`) })

  it('is one for the whole cluster: databases that begin at once do not disturb each other', async () => {
    await Promise.all(others.map(one => migrate(at(one), appPassword, '2026-03-04')))
  })

  it('is not told about with its password when it cannot be made', async () => {
    const asApp = Object.assign(new URL(at(others[0]!)), { username: APP_ROLE, password: appPassword }).toString()
    const failed = await migrate(asApp, 'a-password-of-ours', '2026-03-04').catch((error: unknown) => error)
    expect(String(failed)).toContain('The role of the application could not be made.')
    expect(JSON.stringify(failed, Object.getOwnPropertyNames(failed))).not.toContain('a-password-of-ours')
  })
})

describe('work that one server does at a time', () => {
  it('is waited for past every limit of a request', async () => {
    const HELD_MS = 400
    const two = connect(url.toString(), 2)
    try {
      const order: string[] = []
      let hold = (): void => undefined
      const held = new Promise<void>((resolve) => { hold = resolve })
      const first = two.transaction(async (tx) => {
        await takeTurn(tx, 5)
        hold()
        await new Promise(done => setTimeout(done, HELD_MS))
        order.push('first')
      })
      await held
      const limits = `set local lock_timeout = '${HELD_MS / 8}ms'; set local statement_timeout = '${HELD_MS / 4}ms'`
      await expect(owner.transaction(async (tx) => {
        await tx.raw(limits)
        await tx.raw('select pg_advisory_xact_lock(5)')
      })).rejects.toThrow('lock timeout')
      await two.transaction(async (tx) => {
        await tx.raw(limits)
        await takeTurn(tx, 5)
        order.push('second')
      })
      await first
      expect(order).toEqual(['first', 'second'])
    }
    finally {
      await two.destroy()
    }
  })
})
