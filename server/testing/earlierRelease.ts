import { randomUUID } from 'node:crypto'
import { inject } from 'vitest'
import { connect } from '../database/connection'
import { migrationSource } from '../database/migrations'

/** An empty database as the release with (the migration) left it, over the owner's connection. */
export async function earlierRelease(last: string) {
  const { adminUrl } = inject('cluster')
  const name = `migrate_${randomUUID().replaceAll('-', '')}`
  const url = new URL(adminUrl)
  url.pathname = `/${name}`
  const admin = connect(adminUrl, 1)
  await admin.raw(`create database ${name}`)
  const owner = connect(url.toString(), 1)
  const names = (await migrationSource.getMigrations([])).map(String)
  const earlier = names.slice(0, names.indexOf(last) + 1)
  await owner.raw(
    `create table if not exists knex_migrations (id serial primary key, name text, batch integer,
      migration_time timestamptz);
    create table if not exists knex_migrations_lock (index serial primary key,
      is_locked integer); insert into knex_migrations_lock (is_locked) values (0);`,
  )
  for (const one of earlier) {
    await owner.transaction(async tx => (await migrationSource.getMigration(one)).up(tx))
    await owner('knex_migrations').insert({ name: one, batch: 1, migration_time: new Date() })
  }
  const drop = async (): Promise<void> => {
    await owner.destroy()
    await admin.raw(`drop database ${name} with (force)`)
    await admin.destroy()
  }
  return { owner, url: url.toString(), drop }
}
