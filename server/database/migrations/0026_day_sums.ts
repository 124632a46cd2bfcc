import type { Knex } from 'knex'

/**
 * What a day of an athlete comes to, kept by every write that changes it: sets planned for it, how many of these were
 * done (on whatever day), sets done on it, and how many of those ended in pain.
 */
const TABLE = `
  create table day_sum (
    organisation_id uuid not null, athlete_id uuid not null, day date not null,
    planned integer not null, met integer not null, done integer not null, hurt integer not null,
    primary key (organisation_id, athlete_id, day),
    foreign key (organisation_id, athlete_id) references athlete (organisation_id, id) on delete cascade
  );
  alter table day_sum enable row level security;
  alter table day_sum force row level security;
  create policy see on day_sum for select using (organisation_id = (select keen_org())
    and athlete_id in (select keen_sight()));
  create policy add on day_sum for insert with check (organisation_id = (select keen_org())
    and athlete_id in (select keen_sight()));
  create policy change on day_sum for update using (organisation_id = (select keen_org())
    and athlete_id in (select keen_sight()));
  grant select, insert, update on day_sum to keen_anchor_app;
`

/** Sets of a drill: a one-sided one each side, and the weaker side's one more. Written with the drill from now on. */
const SETS = `
  alter table prescribed_item no force row level security;
  alter table prescribed_item add column sets integer;
  update prescribed_item set sets = coalesce((prescription->'dose'->>'sets')::int, 0)
    * case prescription->>'sides' when 'each' then 2 else 1 end
    + case when prescription->>'sides' = 'each' and prescription->>'extraSetSide' is not null then 1 else 0 end;
  alter table prescribed_item alter column sets set not null;
  alter table prescribed_item force row level security;
`

const SUMS = `
  -- Sums of these days anew. Two who write for one athlete at once do it one after the other, so that each counts all.
  create function keen_sum_days(organisations uuid[], athletes uuid[], days date[]) returns void language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    perform pg_advisory_xact_lock(hashtextextended(one::text, 21))
      from (select distinct one from unnest(athletes) as one order by one) as sorted;
    insert into day_sum as d (organisation_id, athlete_id, day, planned, met, done, hurt)
    select asked.org, asked.athlete, asked.day, coalesce(p.planned, 0), coalesce(p.met, 0), l.done, l.hurt
      from (select distinct org, athlete, day from unnest(organisations, athletes, days) as u (org, athlete, day))
        as asked
      cross join lateral (
        select sum(i.sets)::int as planned, sum(least(i.sets, n.logged))::int as met
          from prescribed_session s
          join prescribed_item i on i.organisation_id = s.organisation_id and i.session_id = s.id
          cross join lateral (select count(*)::int as logged from set_log l
            where l.organisation_id = asked.org and l.prescribed_item_id = i.id) as n
          where s.organisation_id = asked.org and s.athlete_id = asked.athlete and s.day = asked.day
            and s.withdrawn_at is null and i.withdrawn_at is null
            -- What somebody took another drill for was not asked as well.
            and not exists (select from prescribed_item other where other.organisation_id = asked.org
              and other.session_id = s.id and other.withdrawn_at is null
              and other.prescription->>'swappedFor' = i.id::text)) as p
      cross join lateral (
        select count(*)::int as done, (count(*) filter (where l.break_point = 'pain'))::int as hurt from set_log l
          where l.organisation_id = asked.org and l.athlete_id = asked.athlete and l.day = asked.day) as l
      on conflict (organisation_id, athlete_id, day) do update
        set planned = excluded.planned, met = excluded.met, done = excluded.done, hurt = excluded.hurt
        where (d.planned, d.met, d.done, d.hurt)
          is distinct from (excluded.planned, excluded.met, excluded.done, excluded.hurt);
  end $$;

  create function keen_sum_logged() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    perform keen_sum_days(array_agg(org), array_agg(athlete), array_agg(day)) from (
      select organisation_id as org, athlete_id as athlete, day from written
      union
      -- A session that was done on another day counts on its own as well.
      select w.organisation_id, w.athlete_id, s.day from written w
        join prescribed_item i on i.organisation_id = w.organisation_id and i.id = w.prescribed_item_id
        join prescribed_session s on s.organisation_id = i.organisation_id and s.id = i.session_id
    ) as days having count(*) > 0;
    return null;
  end $$;

  create function keen_sum_prescribed() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    perform keen_sum_days(array_agg(s.organisation_id), array_agg(s.athlete_id), array_agg(s.day))
      from written w join prescribed_session s on s.organisation_id = w.organisation_id and s.id = w.session_id
      having count(*) > 0;
    return null;
  end $$;

  create function keen_sum_withdrawn() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    perform keen_sum_days(array_agg(s.organisation_id), array_agg(s.athlete_id), array_agg(s.day))
      from written w join before b using (organisation_id, id)
      join prescribed_session s on s.organisation_id = w.organisation_id and s.id = w.session_id
      where w.withdrawn_at is distinct from b.withdrawn_at or w.sets <> b.sets
      having count(*) > 0;
    return null;
  end $$;

  create function keen_sum_moved() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    perform keen_sum_days(array_agg(w.organisation_id), array_agg(w.athlete_id), array_agg(one))
      from written w join before b using (organisation_id, id) cross join lateral unnest(array[b.day, w.day]) as one
      where w.day <> b.day or w.withdrawn_at is distinct from b.withdrawn_at
      having count(*) > 0;
    return null;
  end $$;
`

const FUNCTIONS = [
  'keen_sum_days(uuid[], uuid[], date[])', 'keen_sum_logged()', 'keen_sum_prescribed()', 'keen_sum_withdrawn()',
  'keen_sum_moved()',
]

const KEPT = `
  create trigger sum_logged after insert on set_log referencing new table as written
    for each statement execute function keen_sum_logged();
  create trigger sum_changed after update on set_log referencing new table as written
    for each statement execute function keen_sum_logged();
  create trigger sum_prescribed after insert on prescribed_item referencing new table as written
    for each statement execute function keen_sum_prescribed();
  create trigger sum_withdrawn after update on prescribed_item referencing old table as before new table as written
    for each statement execute function keen_sum_withdrawn();
  create trigger sum_moved after update on prescribed_session referencing old table as before new table as written
    for each statement execute function keen_sum_moved();
`

/** Every day there was, once: as the owner, who sees all organisations while it lasts. */
const READ = ['prescribed_session', 'prescribed_item', 'set_log', 'day_sum'] as const
const FILL = `select keen_sum_days(array_agg(org), array_agg(athlete), array_agg(day)) from (
    select organisation_id as org, athlete_id as athlete, day from set_log
    union select organisation_id, athlete_id, day from prescribed_session where withdrawn_at is null
  ) as days having count(*) > 0`

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLE)
  await knex.raw(SETS)
  await knex.raw(SUMS)
  for (const name of FUNCTIONS) {
    await knex.raw(`revoke all on function ${name} from public`)
    await knex.raw(`grant execute on function ${name} to keen_anchor_app`)
  }
  for (const table of READ) await knex.raw(`alter table ${table} no force row level security`)
  await knex.raw(FILL)
  for (const table of READ) await knex.raw(`alter table ${table} force row level security`)
  await knex.raw(KEPT)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
