import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * Tests of an organisation's own as one document, the trace of an instrument with its trial, and the brace course of an
 * athlete: the cue, the homework, and what was practised at home, which the athlete writes too.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table test_trial add column trace jsonb;
    create table own_tests (
      organisation_id uuid primary key references organisation (id), version integer not null, document jsonb not null,
      changed_at timestamptz not null default now(), changed_by uuid references person (id)
    );
    create table brace_course (
      organisation_id uuid not null references organisation (id), athlete_id uuid primary key references athlete (id),
      cue text not null, homework jsonb, homework_set_on date
    );
    create index on brace_course (organisation_id);
    create table brace_practice (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      day date not null, step integer not null, performed_at timestamptz not null default now()
    );
    create index on brace_practice (organisation_id, athlete_id, day);
  `)
  for (const table of ['own_tests', 'brace_course', 'brace_practice']) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
    `)
  }
  await knex.raw(`
    create policy see on own_tests for select using (organisation_id = keen_org());
    create policy add on own_tests for insert with check (organisation_id = keen_org() and ${PLANNERS});
    create policy change on own_tests for update using (organisation_id = keen_org() and ${PLANNERS})
      with check (organisation_id = keen_org());
    create policy see on brace_course for select using (organisation_id = keen_org() and ${SEEN});
    create policy add on brace_course for insert with check (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    create policy change on brace_course for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy see on brace_practice for select using (organisation_id = keen_org() and ${SEEN});
    create policy add on brace_practice for insert with check (organisation_id = keen_org() and ${SEEN});
    create policy erase on brace_course for delete using (organisation_id = keen_org() and keen_role() = 'system');
    create policy erase on brace_practice for delete using (organisation_id = keen_org() and keen_role() = 'system');
    grant select, insert, update on own_tests, brace_course to keen_anchor_app;
    grant select, insert on brace_practice to keen_anchor_app;
    create function keen_erase_brace() returns trigger language plpgsql security definer set search_path = public as $$
    begin
      delete from brace_course where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from brace_practice where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_brace before delete on athlete for each row execute function keen_erase_brace();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
