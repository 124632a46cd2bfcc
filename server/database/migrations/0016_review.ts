import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * How hard a session was as a whole, told once at its end; how good its repeats were by a coach's eye; and links by
 * which a report is read without signing in, until they expire or are revoked.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table set_log add column quality smallint check (quality between 1 and 10);
    create table session_effort (
      session_id uuid primary key references prescribed_session (id) on delete cascade,
        organisation_id uuid not null references organisation (id), athlete_id uuid not null references athlete (id),
      day date not null, effort smallint not null check (effort between 0 and 10),
      minutes smallint not null check (minutes between 1 and 600),
      told_by uuid not null, at timestamptz not null default now()
    );
    create index on session_effort (organisation_id, athlete_id, day);
    create table report_link (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id), person_id uuid not null references person (id),
      kind text not null check (kind in ('athlete', 'staff')), starts_on date not null, ends_on date not null,
      token_hash text not null unique, created_at timestamptz not null default now(),
      expires_at timestamptz not null, revoked_at timestamptz, read_at timestamptz
    );
    create index on report_link (organisation_id, athlete_id);
  `)
  for (const table of ['session_effort', 'report_link']) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy erase on ${table} for delete using (organisation_id = keen_org() and keen_role() = 'system');
    `)
  }
  await knex.raw(`
    create policy see on session_effort for select using (organisation_id = keen_org() and ${SEEN});
    create policy add on session_effort for insert with check (organisation_id = keen_org() and ${SEEN});
    create policy change on session_effort for update using (organisation_id = keen_org() and ${SEEN})
      with check (organisation_id = keen_org());
    create policy see on report_link for select using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    create policy add on report_link for insert with check (
      organisation_id = keen_org() and person_id = keen_person() and ${PLANNERS} and ${SEEN});
    create policy change on report_link for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy by_link on report_link for select
      using (token_hash = nullif(current_setting('keen.token', true), ''));
    grant select, insert, update on session_effort, report_link to keen_anchor_app;
    create function keen_erase_review() returns trigger language plpgsql security definer
      set search_path = public as $$
    begin
      delete from report_link where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_review before delete on athlete for each row execute function keen_erase_review();
    create function keen_erase_report_links() returns trigger language plpgsql security definer
      set search_path = public as $$
    begin
      delete from report_link where organisation_id = old.organisation_id and person_id = old.id;
      return old;
    end $$;
    create trigger erase_report_links before delete on person for each row execute function keen_erase_report_links();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
