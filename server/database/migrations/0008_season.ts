import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
/** Athletes and groups in sight: what their own tables let through. */
const SEEN = 'athlete_id in (select a.id from athlete a)'
const OWN_GROUP = 'group_id in (select g.id from training_group g)'
const ALL_OF_IT = 'keen_role() in (\'headCoach\', \'system\')'

/**
 * The season: one calendar of competitions, matches, practices, closures and school days; a season for each group with
 * its plan, what an athlete does otherwise, what changed and why, and the secret addresses that calendars are read
 * from.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    -- The owner may be bound by the policies too: they are lifted for this transaction alone.
    alter table competition rename to calendar_entry;
    alter table calendar_entry no force row level security;
    alter table organisation no force row level security;
    alter table calendar_entry
      alter column group_id drop not null,
      alter column importance drop not null,
      add column kind text not null default 'competition'
        check (kind in ('competition', 'match', 'practice', 'closure', 'school')),
      add column last_day date,
      add column starts_at text,
      add column minutes integer,
      add column time_zone text not null default 'UTC',
      add column travel_before integer not null default 0,
      add column travel_after integer not null default 0,
      add column weekly_until date,
      add column except_days date[] not null default '{}',
      add column source_uid text,
      add column sequence integer not null default 0,
      add column cancelled_at timestamptz,
      add column changed_at timestamptz not null default now();
    update calendar_entry set last_day = day,
      time_zone = (select o.time_zone from organisation o where o.id = organisation_id);
    alter table calendar_entry force row level security;
    alter table calendar_entry alter column last_day set not null, alter column kind drop default,
      alter column time_zone drop default,
      add constraint in_order check (last_day >= day);
    create index calendar_entry_by_group on calendar_entry (organisation_id, group_id);
    create table season (
      group_id uuid primary key, organisation_id uuid not null references organisation (id), version integer not null,
        shape jsonb not null, plan jsonb not null,
      pins jsonb not null default '[]', revisions jsonb not null default '{}',
        changed_at timestamptz not null default now(), changed_by uuid references person (id),
      foreign key (organisation_id, group_id) references training_group (organisation_id, id)
    );
    create index on season (organisation_id);
    create table athlete_season (
      athlete_id uuid not null references athlete (id), group_id uuid not null,
        organisation_id uuid not null references organisation (id), version integer not null,
      exceptions jsonb not null, plan jsonb not null, changed_at timestamptz not null default now(),
        changed_by uuid references person (id),
      primary key (athlete_id, group_id), foreign key (organisation_id,
        group_id) references training_group (organisation_id, id)
    );
    create index on athlete_season (organisation_id);
    create table season_change (
      id uuid primary key, organisation_id uuid not null references organisation (id), group_id uuid not null,
        athlete_id uuid references athlete (id),
      changed_at timestamptz not null default now(), changed_by uuid references person (id), title text not null,
        days jsonb not null,
      foreign key (organisation_id, group_id) references training_group (organisation_id, id)
    );
    create index on season_change (organisation_id, changed_at);
    create table calendar_feed (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        person_id uuid not null references person (id),
      scope text not null check (scope in ('athlete', 'group', 'coach')), subject_id uuid, name text not null,
        token_hash text not null unique,
      created_at timestamptz not null default now(), revoked_at timestamptz, read_at timestamptz
    );
    create index on calendar_feed (organisation_id, person_id);
  `)
  for (const table of ['season', 'athlete_season', 'season_change', 'calendar_feed']) {
    await knex.raw(`alter table ${table} enable row level security; alter table ${table} force row level security;`)
  }
  await knex.raw(`
    drop policy see on calendar_entry; drop policy add on calendar_entry; drop policy change on calendar_entry;
    create policy see on calendar_entry for select
      using (organisation_id = keen_org() and (group_id is null or ${OWN_GROUP}));
    create policy add on calendar_entry for insert with
      check (organisation_id = keen_org() and ${PLANNERS} and (${ALL_OF_IT} or ${OWN_GROUP}));
    create policy change on calendar_entry for update
      using (organisation_id = keen_org() and ${PLANNERS} and (${ALL_OF_IT} or ${OWN_GROUP}))
        with check (organisation_id = keen_org());
    create policy see on season for select using (organisation_id = keen_org() and ${OWN_GROUP});
    create policy add on season for insert with check (organisation_id = keen_org() and ${PLANNERS} and ${OWN_GROUP});
    create policy change on season for update using (organisation_id = keen_org() and ${PLANNERS} and ${OWN_GROUP})
      with check (organisation_id = keen_org());
    create policy see on athlete_season for select using (organisation_id = keen_org() and ${SEEN});
    create policy add on athlete_season for insert with
      check (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    create policy change on athlete_season for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy erase on athlete_season for delete using (organisation_id = keen_org() and keen_role() = 'system');
    create policy see on season_change for select
      using (organisation_id = keen_org() and ((athlete_id is null and ${OWN_GROUP}) or ${SEEN}));
    create policy add on season_change for insert with
      check (organisation_id = keen_org() and ${PLANNERS} and ${OWN_GROUP});
    create policy erase on season_change for delete using (organisation_id = keen_org() and keen_role() = 'system');
    create policy see on calendar_feed for select
      using (organisation_id = keen_org() and (person_id = keen_person() or keen_role() = 'system'));
    create policy add on calendar_feed for insert with
      check (organisation_id = keen_org() and person_id = keen_person());
    create policy change on calendar_feed for update
      using (organisation_id = keen_org() and (person_id = keen_person() or keen_role() = 'system'))
        with check (organisation_id = keen_org());
    create policy erase on calendar_feed for delete using (organisation_id = keen_org() and keen_role() = 'system');
    create policy by_link on calendar_feed for select
      using (token_hash = nullif(current_setting('keen.token', true), ''));
    grant select, insert, update on season, athlete_season, calendar_feed to keen_anchor_app;
    grant select, insert on season_change to keen_anchor_app;
    create function keen_erase_season() returns trigger language plpgsql security definer set search_path = public as $$
    begin
      delete from athlete_season where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from season_change where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_season before delete on athlete for each row execute function keen_erase_season();
    create function keen_erase_feeds() returns trigger language plpgsql security definer set search_path = public as $$
    begin
      delete from calendar_feed where organisation_id = old.organisation_id and person_id = old.id;
      return old;
    end $$;
    create trigger erase_feeds before delete on person for each row execute function keen_erase_feeds();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
