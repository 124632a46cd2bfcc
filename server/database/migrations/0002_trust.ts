import type { Knex } from 'knex'

/**
 * Walls between people and a record of what they did: who acts is set per transaction and every policy reads it;
 * flags live apart from the athlete; accounts are invited; writes leave a receipt and an audit line.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLES)
  await knex.raw(CARRY_OVER)
  await knex.raw(ACTOR)
  for (const [table, rules] of Object.entries(POLICIES)) await knex.raw(policies(table, rules))
  await knex.raw(VISITORS)
  await knex.raw(AUDIT_GUARD)
  await knex.raw(ERASURE)
  await knex.raw(ORGANISATIONS)
  await knex.raw(GRANTS)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}

const TABLES = `
  alter table organisation add column facility_version integer not null default 1;

  alter table person alter column password_hash drop not null;
  alter table person add column version integer not null default 1;
  alter table person add column closed_at timestamptz;
  drop index person_email;
  -- An invitation does not take an address: whoever owns it decides by accepting.
  create unique index person_email on person (email) where password_hash is not null and closed_at is null;
  create unique index person_email_here on person (organisation_id, email) where closed_at is null;
  drop index person_athlete;
  create unique index person_athlete on person (organisation_id,
    athlete_id) where athlete_id is not null and closed_at is null;

  create table group_staff (
    organisation_id uuid not null,
    group_id uuid not null,
    person_id uuid not null,
    primary key (organisation_id, group_id, person_id),
    foreign key (organisation_id, group_id) references training_group (organisation_id, id),
    foreign key (organisation_id, person_id) references person (organisation_id, id)
  );
  create index group_staff_by_person on group_staff (organisation_id, person_id);

  create table athlete_health (
    organisation_id uuid not null,
    athlete_id uuid not null,
    flags text[] not null,
    primary key (organisation_id, athlete_id),
    foreign key (organisation_id, athlete_id) references athlete (organisation_id, id)
  );

  alter table athlete add column updated_by uuid;
  alter table training_week add column updated_by uuid;
  alter table prescribed_item add column athlete_id uuid;

  create table account_token (
    id uuid primary key,
    organisation_id uuid not null,
    person_id uuid not null,
    kind text not null check (kind in ('invitation', 'reset')),
    token_hash text not null,
    expires_at timestamptz not null,
    used_at timestamptz,
    created_at timestamptz not null default now(),
    foreign key (organisation_id, person_id) references person (organisation_id, id)
  );
  create unique index account_token_hash on account_token (token_hash);

  create table mail (
    id uuid primary key,
    organisation_id uuid not null references organisation (id),
    person_id uuid not null,
    recipient text not null,
    subject text not null,
    body text not null,
    created_at timestamptz not null default now(),
    sent_at timestamptz,
    foreign key (organisation_id, person_id) references person (organisation_id, id)
  );

  create table write_receipt (
    organisation_id uuid not null references organisation (id),
    person_id uuid not null,
    write_id uuid not null,
    fingerprint text not null,
    answer jsonb,
    written_at timestamptz not null default now(),
    primary key (organisation_id, person_id, write_id)
  );
  create index write_receipt_by_time on write_receipt (organisation_id, written_at);

  create table audit (
    id uuid primary key,
    organisation_id uuid not null references organisation (id),
    at timestamptz not null default now(),
    person_id uuid,
    role text not null,
    request_id text,
    write_id uuid,
    action text not null,
    subject_id text,
    athlete_id uuid,
    before jsonb,
    after jsonb
  );
  create index audit_by_time on audit (organisation_id, at desc, id desc);
  create index audit_by_athlete on audit (organisation_id, athlete_id, at desc);

  create table rate_limit (
    key varchar(255) primary key,
    points integer not null default 0,
    expire bigint
  );
`

/** What the release before kept elsewhere. */
const CARRY_OVER = `
  alter table athlete no force row level security;
  alter table person no force row level security;
  alter table training_group no force row level security;
  alter table prescribed_session no force row level security;
  alter table prescribed_item no force row level security;
  insert into athlete_health (organisation_id, athlete_id, flags) select organisation_id, id, flags from athlete;
  alter table athlete drop column flags;
  -- Until now every coach and assistant saw everybody: they keep what they had.
  insert into group_staff (organisation_id, group_id, person_id)
    select g.organisation_id, g.id, p.id from training_group g join person p using (organisation_id)
    where p.role in ('coach', 'assistant');
  update prescribed_item i set athlete_id = s.athlete_id from prescribed_session s
    where s.organisation_id = i.organisation_id and s.id = i.session_id;
  alter table prescribed_item alter column athlete_id set not null;
  alter table athlete force row level security;
  alter table person force row level security;
  alter table training_group force row level security;
  alter table prescribed_session force row level security;
  alter table prescribed_item force row level security;
`

/** Who acts, as the transaction was told. */
const ACTOR = `
  create function keen_org() returns uuid language sql stable as
    $$ select nullif(current_setting('keen.organisation', true), '')::uuid $$;
  create function keen_person() returns uuid language sql stable as
    $$ select nullif(current_setting('keen.person', true), '')::uuid $$;
  create function keen_athlete() returns uuid language sql stable as
    $$ select nullif(current_setting('keen.athlete', true), '')::uuid $$;
  create function keen_role() returns text language sql stable as
    $$ select coalesce(current_setting('keen.role', true), '') $$;
`

interface Rules { readonly see: string, readonly add?: string, readonly change?: string, readonly remove?: string }

const ALL_OF_IT = 'keen_role() in (\'headCoach\', \'system\')'
const STAFF = 'keen_role() in (\'headCoach\', \'coach\', \'assistant\', \'system\')'
const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const OWN_GROUPS = 'group_id in (select s.group_id from group_staff s where s.person_id = keen_person())'
const SEEN_ATHLETES = 'athlete_id in (select a.id from athlete a)'
const SEEN = `(${ALL_OF_IT} or ${SEEN_ATHLETES})`
const PLANS_FOR = `(${PLANNERS} and ${SEEN})`

/** What each kind of person may do with the rows of each table, within the own organisation. */
const POLICIES: Readonly<Record<string, Rules>> = {
  person: {
    see: `${ALL_OF_IT} or id = keen_person() or (${STAFF} and (athlete_id is null or ${SEEN_ATHLETES}))`,
    add: `${ALL_OF_IT} or (keen_role() = 'coach' and role = 'athlete' and ${SEEN_ATHLETES})`,
    change: `${ALL_OF_IT} or id = keen_person() or (keen_role() = 'coach' and role = 'athlete' and ${SEEN_ATHLETES})`,
  },
  training_group: {
    see: `${ALL_OF_IT} or id in (select s.group_id from group_staff s where s.person_id = keen_person())
      or (keen_role() = 'athlete' and id in (select m.group_id from group_member m))`,
    add: ALL_OF_IT,
    change: `${ALL_OF_IT}`,
  },
  group_staff: { see: STAFF, add: ALL_OF_IT, remove: ALL_OF_IT },
  group_member: {
    see: `${ALL_OF_IT} or athlete_id = keen_athlete() or ${OWN_GROUPS}`,
    add: `${ALL_OF_IT} or (keen_role() = 'coach' and ${OWN_GROUPS})`,
    remove: `${ALL_OF_IT} or (keen_role() = 'coach' and ${OWN_GROUPS})`,
  },
  athlete: {
    see: `${ALL_OF_IT} or id = keen_athlete() or id in (select m.athlete_id from group_member m where m.${OWN_GROUPS})`,
    add: ALL_OF_IT,
    change:
      `${ALL_OF_IT} or (keen_role() = 'coach'
        and id in (select m.athlete_id from group_member m where m.${OWN_GROUPS}))`,
  },
  athlete_health: {
    see: `${ALL_OF_IT} or athlete_id = keen_athlete() or (keen_role() = 'coach' and ${SEEN_ATHLETES})`,
    add: ALL_OF_IT,
    change: `${ALL_OF_IT} or (keen_role() = 'coach' and ${SEEN_ATHLETES})`,
  },
  facility_equipment: { see: STAFF, add: PLANNERS, change: PLANNERS, remove: PLANNERS },
  competition: {
    see: `${ALL_OF_IT} or group_id in (select g.id from training_group g)`,
    add: ALL_OF_IT, change: ALL_OF_IT,
  },
  training_week: { see: `${STAFF} and ${SEEN}`, add: PLANS_FOR, change: PLANS_FOR },
  prescribed_session: { see: SEEN, add: PLANS_FOR, change: PLANS_FOR },
  prescribed_item: { see: SEEN, add: PLANS_FOR, change: PLANS_FOR },
  set_log: { see: SEEN, add: SEEN },
  account_token: { see: PLANNERS, add: PLANNERS, change: PLANNERS },
  mail: { see: 'keen_role() = \'system\'', add: PLANNERS, change: 'keen_role() = \'system\'' },
  write_receipt: {
    see: 'person_id = keen_person() or keen_role() = \'system\'', add: 'person_id = keen_person()',
    change: 'person_id = keen_person()', remove: 'keen_role() = \'system\'',
  },
  audit: { see: ALL_OF_IT, add: 'person_id is not distinct from keen_person()' },
}

function policies(table: string, { see, add, change, remove }: Rules): string {
  const here = 'organisation_id = keen_org()'
  return `
    alter table ${table} enable row level security;
    alter table ${table} force row level security;
    drop policy if exists own_organisation on ${table};
    create policy see on ${table} for select using (${here} and (${see}));
    ${add ? `create policy add on ${table} for insert with check (${here} and (${add}));` : ''}
    ${
    change
      ? `create policy change on ${table} for update using (${here} and (${change}))
        with check (${here} and (${change}));`
      : ''
  }
    ${remove ? `create policy remove on ${table} for delete using (${here} and (${remove}));` : ''}
  `
}

/** A visitor sees the one account of the typed address, or the one token of the opened link. */
const VISITORS = `
  drop policy sign_in on person;
  create policy sign_in on person for select
    using (email = nullif(current_setting('keen.sign_in_email', true), '') and password_hash is not null
      and closed_at is null);
  create policy by_link on account_token for select
    using (token_hash = nullif(current_setting('keen.token', true), ''));
  drop policy own_organisation on organisation;
  create policy see on organisation for select using (id = keen_org());
  create policy add on organisation for insert with check (id = keen_org() and keen_role() = 'system');
  create policy change on organisation for update using (id = keen_org() and ${PLANNERS}) with check (id = keen_org());
`

/** The record is only ever added to; an erasure blanks what it says of a person and leaves that something was done. */
const AUDIT_GUARD = `
  create function keen_audit_guard() returns trigger language plpgsql as $$
  begin
    if tg_op = 'UPDATE' and current_setting('keen.erasing', true) = new.athlete_id::text
      and new.before is null and new.after is null and old.id = new.id
        and old.at = new.at and old.action = new.action then
      return new;
    end if;
    raise exception 'The record is only added to.' using errcode = '42501';
  end $$;
  create trigger audit_append_only before update or delete on audit for each row execute function keen_audit_guard();
`

/** Removes everything about one athlete: the only way a set log is ever deleted. */
const ERASURE = `
  create function keen_erase_athlete(erased uuid) returns void
    language plpgsql security definer set search_path = public as $$
  begin
    if keen_role() <> 'headCoach' then raise exception 'Only a head coach erases.' using errcode = '42501'; end if;
    perform set_config('keen.role', 'system', true);
    perform set_config('keen.erasing', erased::text, true);
    delete from set_log where organisation_id = keen_org() and athlete_id = erased;
    delete from prescribed_item where organisation_id = keen_org() and athlete_id = erased;
    delete from prescribed_session where organisation_id = keen_org() and athlete_id = erased;
    delete from training_week where organisation_id = keen_org() and athlete_id = erased;
    delete from group_member where organisation_id = keen_org() and athlete_id = erased;
    delete from athlete_health where organisation_id = keen_org() and athlete_id = erased;
    delete from write_receipt where organisation_id = keen_org() and (answer::text like '%' || erased::text || '%'
      or person_id in (select id from person where organisation_id = keen_org() and athlete_id = erased));
    delete from mail where organisation_id = keen_org()
      and person_id in (select id from person where organisation_id = keen_org() and athlete_id = erased);
    delete from account_token where organisation_id = keen_org()
      and person_id in (select id from person where organisation_id = keen_org() and athlete_id = erased);
    delete from person where organisation_id = keen_org() and athlete_id = erased;
    update audit set before = null, after = null where organisation_id = keen_org() and athlete_id = erased;
    delete from athlete where organisation_id = keen_org() and id = erased;
    perform set_config('keen.erasing', '', true);
    perform set_config('keen.role', 'headCoach', true);
  end $$;
  revoke all on function keen_erase_athlete(uuid) from public;
  grant execute on function keen_erase_athlete(uuid) to keen_anchor_app;
  ${
  [
    'set_log', 'prescribed_item', 'prescribed_session', 'training_week', 'athlete_health', 'mail', 'account_token',
    'person', 'athlete',
  ]
    .map(table =>
      `create policy erase on ${table} for delete using (organisation_id = keen_org() and keen_role() = 'system');`
    ).join('\n')
}
  create policy erase on audit for update using (organisation_id = keen_org() and keen_role() = 'system');
`

/** The keys of all organisations, and nothing else of them: for work that goes through each in turn. */
const ORGANISATIONS = `
  alter table organisation no force row level security;
  create function keen_organisations() returns table (organisation_id uuid)
    language sql stable security definer set search_path = public as
    $$ select id from organisation $$;
`

const GRANTS = `
  grant select, insert, delete on group_staff to keen_anchor_app;
  grant select, insert, update on athlete_health, account_token, mail to keen_anchor_app;
  grant select, insert, update, delete on write_receipt, rate_limit to keen_anchor_app;
  grant select, insert on audit to keen_anchor_app;
  -- Only to tell whether the database is of this release.
  grant select on knex_migrations to keen_anchor_app;
`
