import type { Knex } from 'knex'

/**
 * How a session is gone through besides its drills: circuits by the clock, warm-up, cool-down; and the rooms that
 * squads share over a day.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table prescribed_session add column routine jsonb not null default '{}';
    alter table organisation add column rooms jsonb not null default '[]',
      add column rooms_version integer not null default 1;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
