import type { Knex } from 'knex'

/** Tables that belong to an organisation; each gets forced row-level security. */
const TENANT_TABLES = [
  'person', 'training_group', 'athlete', 'group_member', 'facility_equipment', 'competition', 'training_week',
  'prescribed_session', 'prescribed_item', 'set_log',
]

/**
 * The foundation. Keys are UUIDv7 made by the application; foreign keys carry the organisation, so that no row
 * can point into another organisation whatever the code does.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table installation (
      id integer primary key check (id = 1),
      first_organisation_at timestamptz
    );
    insert into installation (id) values (1);

    create table organisation (
      id uuid primary key,
      name text not null,
      time_zone text not null,
      created_at timestamptz not null default now()
    );

    create table athlete (
      id uuid primary key,
      organisation_id uuid not null references organisation (id),
      version integer not null default 1,
      archived_at timestamptz,
      name text not null,
      goal text not null,
      goal_variation_id text,
      goal_lift text,
      sport text not null,
      position text not null,
      sex text not null check (sex in ('female', 'male')),
      height_cm double precision not null,
      mass_kg double precision not null,
      birth_year integer not null,
      training_age_years double precision not null,
      equipment text[] not null,
      available jsonb not null,
      flags text[] not null,
      brace_step integer not null check (brace_step between 1 and 7),
      rungs jsonb not null,
      weak_link text,
      weak_side text,
      created_at timestamptz not null default now(),
      updated_at timestamptz not null default now(),
      unique (organisation_id, id)
    );
    create index athlete_by_name on athlete (organisation_id, lower(name));

    create table person (
      id uuid primary key,
      organisation_id uuid not null references organisation (id),
      athlete_id uuid,
      role text not null check (role in ('headCoach', 'coach', 'assistant', 'athlete')),
      name text not null,
      email text not null check (email = lower(email)),
      password_hash text not null,
      session_version integer not null default 1,
      mass_unit text not null default 'kg' check (mass_unit in ('kg', 'lb')),
      length_unit text not null default 'cm' check (length_unit in ('cm', 'in')),
      created_at timestamptz not null default now(),
      foreign key (organisation_id, athlete_id) references athlete (organisation_id, id),
      check ((role = 'athlete') = (athlete_id is not null)),
      unique (organisation_id, id)
    );
    create unique index person_email on person (email);
    create unique index person_athlete on person (organisation_id, athlete_id) where athlete_id is not null;

    create table training_group (
      id uuid primary key,
      organisation_id uuid not null references organisation (id),
      name text not null,
      created_at timestamptz not null default now(),
      unique (organisation_id, id)
    );
    create unique index training_group_name on training_group (organisation_id, lower(name));

    create table group_member (
      organisation_id uuid not null,
      group_id uuid not null,
      athlete_id uuid not null,
      primary key (organisation_id, group_id, athlete_id),
      foreign key (organisation_id, group_id) references training_group (organisation_id, id),
      foreign key (organisation_id, athlete_id) references athlete (organisation_id, id)
    );
    create index group_member_by_athlete on group_member (organisation_id, athlete_id);

    create table facility_equipment (
      organisation_id uuid not null references organisation (id),
      equipment text not null,
      count integer not null check (count >= 0),
      primary key (organisation_id, equipment)
    );

    create table competition (
      id uuid primary key,
      organisation_id uuid not null references organisation (id),
      group_id uuid not null,
      name text not null,
      day date not null,
      importance text not null check (importance in ('A', 'B', 'C')),
      foreign key (organisation_id, group_id) references training_group (organisation_id, id)
    );
    create index competition_by_day on competition (organisation_id, day);

    create table training_week (
      organisation_id uuid not null,
      athlete_id uuid not null,
      starts_on date not null check (extract(isodow from starts_on) = 1),
      version integer not null default 1,
      plan jsonb not null,
      assigned_version integer,
      assigned_at timestamptz,
      assigned_by uuid,
      updated_at timestamptz not null default now(),
      primary key (organisation_id, athlete_id, starts_on),
      foreign key (organisation_id, athlete_id) references athlete (organisation_id, id),
      foreign key (organisation_id, assigned_by) references person (organisation_id, id)
    );
    create index training_week_by_day on training_week (organisation_id, starts_on);

    create table prescribed_session (
      id uuid primary key,
      organisation_id uuid not null,
      athlete_id uuid not null,
      starts_on date not null,
      day date not null,
      plan_key text not null,
      minutes integer not null,
      lifts jsonb not null,
      assigned_at timestamptz not null default now(),
      withdrawn_at timestamptz,
      unique (organisation_id, id),
      foreign key (organisation_id, athlete_id, starts_on)
        references training_week (organisation_id, athlete_id, starts_on)
    );
    create index prescribed_session_by_day on prescribed_session (organisation_id, athlete_id, day);
    create unique index prescribed_session_current on prescribed_session (organisation_id, athlete_id, starts_on,
      plan_key)
      where withdrawn_at is null;

    create table prescribed_item (
      id uuid primary key,
      organisation_id uuid not null,
      session_id uuid not null,
      plan_key text not null,
      place integer not null,
      variation_id text not null,
      prescription jsonb not null,
      withdrawn_at timestamptz,
      unique (organisation_id, id),
      foreign key (organisation_id, session_id) references prescribed_session (organisation_id, id)
    );
    create index prescribed_item_by_session on prescribed_item (organisation_id, session_id);

    create table set_log (
      id uuid not null,
      organisation_id uuid not null,
      athlete_id uuid not null,
      prescribed_item_id uuid not null,
      day date not null,
      performed_at timestamptz not null,
      received_at timestamptz not null default now(),
      logged_by uuid not null,
      variation_id text not null,
      set_number integer not null,
      side text check (side in ('left', 'right')),
      amount double precision not null check (amount >= 0),
      unit text not null,
      tempo text,
      break_point text not null,
      setting jsonb not null,
      felt_at text[] not null,
      effort double precision check (effort between 0 and 10),
      pain_at text,
      note text not null,
      primary key (organisation_id, day, id),
      foreign key (organisation_id, athlete_id) references athlete (organisation_id, id),
      foreign key (organisation_id, prescribed_item_id) references prescribed_item (organisation_id, id),
      foreign key (organisation_id, logged_by) references person (organisation_id, id)
    ) partition by range (day);
    create index set_log_by_athlete on set_log (organisation_id, athlete_id, day);
    create index set_log_by_item on set_log (organisation_id, prescribed_item_id);
    create table set_log_other partition of set_log default;
    alter table set_log_other enable row level security;
    alter table set_log_other force row level security;
  `)

  for (const table of TENANT_TABLES) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy own_organisation on ${table}
        using (organisation_id = nullif(current_setting('keen.organisation', true), '')::uuid)
        with check (organisation_id = nullif(current_setting('keen.organisation', true), '')::uuid);
    `)
  }
  await knex.raw(`
    alter table organisation enable row level security;
    alter table organisation force row level security;
    create policy own_organisation on organisation
      using (id = nullif(current_setting('keen.organisation', true), '')::uuid)
      with check (id = nullif(current_setting('keen.organisation', true), '')::uuid);
    create policy sign_in on person for select
      using (email = nullif(current_setting('keen.sign_in_email', true), ''));

    grant usage on schema public to keen_anchor_app;
    grant select, update on installation to keen_anchor_app;
    grant select, insert, update on organisation, person, training_group, athlete, competition, training_week,
      prescribed_session, prescribed_item to keen_anchor_app;
    grant select, insert, update, delete on group_member, facility_equipment to keen_anchor_app;
    grant select, insert on set_log to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
