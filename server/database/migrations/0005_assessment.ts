import type { Knex } from 'knex'

const STAFF = 'keen_role() in (\'headCoach\', \'coach\', \'assistant\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * What screening, brace checks and tests leave behind. Answers and clearances stand beside the flags, behind the same
 * wall; checks and trials are read by whoever sees the athlete and written by the staff. A trial is never changed: a
 * wrong one is withdrawn and stays.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table athlete_health add column clearances jsonb not null default '[]', add column answers jsonb,
      add column answered_at timestamptz;
    create table brace_check (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      day date not null, step integer not null, swell jsonb not null, breathing boolean not null,
        count integer not null, passed boolean not null,
      note text not null, checked_by uuid references person (id), created_at timestamptz not null default now()
    );
    create index on brace_check (organisation_id, athlete_id, day);
    create table test_trial (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      day date not null, performed_at timestamptz not null, test text not null, side text,
        value double precision not null, break_point text not null,
      setting jsonb not null, note text not null, taken_by uuid references person (id), withdrawn_at timestamptz
    );
    create index on test_trial (organisation_id, athlete_id, day);
    create index on test_trial (organisation_id, day);
  `)
  for (const table of ['brace_check', 'test_trial']) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy see on ${table} for select using (organisation_id = keen_org() and ${SEEN});
      create policy add on ${table} for insert with check (organisation_id = keen_org() and ${STAFF} and ${SEEN});
      create policy erase on ${table} for delete using (organisation_id = keen_org() and keen_role() = 'system');
    `)
  }
  await knex.raw(`
    create policy change on test_trial for update using (organisation_id = keen_org() and ${STAFF} and ${SEEN})
      with check (organisation_id = keen_org());
    grant select, insert on brace_check to keen_anchor_app;
    grant select, insert, update on test_trial to keen_anchor_app;
    create function keen_erase_assessment() returns trigger language plpgsql security definer set search_path = public
      as $$
    begin
      delete from brace_check where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from test_trial where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_assessment before delete on athlete for each row execute function keen_erase_assessment();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
