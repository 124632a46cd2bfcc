import type { Knex } from 'knex'

/**
 * Whoever looks on is told at once that something changed: of what kind and about whom, never what. Not of sets: they
 * are many, and telling has commits wait for each other.
 */
const TELL = `
  create function keen_tell() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  declare one record;
  begin
    for one in execute format('select distinct organisation_id as org, %I as subject from written', tg_argv[1]) loop
      perform pg_notify('keen_live', one.org || ' ' || tg_argv[0] || ' ' || one.subject);
    end loop;
    return null;
  end $$;
  revoke all on function keen_tell() from public;
  grant execute on function keen_tell() to keen_anchor_app;
`

/** Table, what it is called to those who look on, and the column of whom or what it is about. */
const TOLD = [
  ['health_alert', 'alerts', 'athlete_id'], ['training_week', 'week', 'athlete_id'],
  ['floor_board', 'floor', 'group_id'], ['plan_run_item', 'run', 'run_id'],
] as const

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TELL)
  for (const [table, topic, column] of TOLD) {
    for (const event of ['insert', 'update']) {
      await knex.raw(`create trigger tell_${event} after ${event} on ${table} referencing new table as written
        for each statement execute function keen_tell('${topic}', '${column}')`)
    }
  }
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
