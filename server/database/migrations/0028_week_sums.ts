import type { Knex } from 'knex'

const WALL = 'organisation_id = (select keen_org()) and athlete_id in (select keen_sight())'

/**
 * What a week of an athlete comes to beyond its sets: full sets and capacities, as they were known when it was over.
 * They take a while to reckon: a week waits for that whenever its sets or tests have changed.
 */
const TABLE = `
  create table week_sum (
    organisation_id uuid not null, athlete_id uuid not null, starts_on date not null,
    sums jsonb, state text not null default 'waiting' check (state in ('waiting', 'atWork', 'done')),
    primary key (organisation_id, athlete_id, starts_on),
    foreign key (organisation_id, athlete_id) references athlete (organisation_id, id) on delete cascade
  );
  create index week_sum_waiting on week_sum (organisation_id, starts_on) where state <> 'done';
  alter table week_sum enable row level security;
  alter table week_sum force row level security;
  create policy see on week_sum for select using (${WALL});
  create policy add on week_sum for insert with check (${WALL});
  create policy change on week_sum for update using (${WALL});
  grant select, insert, update on week_sum to keen_anchor_app;
`

const MARK = `
  create function keen_week_waits() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    insert into week_sum as w (organisation_id, athlete_id, starts_on)
      select distinct organisation_id, athlete_id, date_trunc('week', day)::date from written order by 2, 3
      on conflict (organisation_id, athlete_id, starts_on) do update set state = 'waiting' where w.state <> 'waiting';
    return null;
  end $$;
  revoke all on function keen_week_waits() from public;
  grant execute on function keen_week_waits() to keen_anchor_app;
`

/** Everything there was waits; sets and tests are read as the owner, who sees all organisations while it lasts. */
const FILL = `insert into week_sum (organisation_id, athlete_id, starts_on)
  select distinct organisation_id, athlete_id, date_trunc('week', day)::date from day_sum`
const READ = ['day_sum', 'week_sum'] as const

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLE)
  for (const table of READ) await knex.raw(`alter table ${table} no force row level security`)
  await knex.raw(FILL)
  for (const table of READ) await knex.raw(`alter table ${table} force row level security`)
  await knex.raw(MARK)
  for (const table of ['day_sum', 'test_trial']) {
    for (const event of ['insert', 'update']) {
      await knex.raw(`create trigger week_waits_${event} after ${event} on ${table} referencing new table as written
        for each statement execute function keen_week_waits()`)
    }
  }
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
