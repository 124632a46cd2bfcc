import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'
const STAFF = 'keen_role() in (\'headCoach\', \'coach\', \'assistant\', \'system\')'

/**
 * What is settled for planning: one document for the organisation, each phase and each group, and one for an athlete.
 * Runs that plan many athletes in the background, and what became of each.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table planning_rules (
      organisation_id uuid not null references organisation (id),
        scope text not null check (scope in ('organisation', 'phase', 'group')), scope_id text not null,
      version integer not null, rules jsonb not null, changed_at timestamptz not null default now(),
        changed_by uuid references person (id),
      primary key (organisation_id, scope, scope_id)
    );
    create table athlete_rules (
      organisation_id uuid not null references organisation (id), athlete_id uuid primary key references athlete (id),
      version integer not null, rules jsonb not null, changed_at timestamptz not null default now(),
        changed_by uuid references person (id)
    );
    create index on athlete_rules (organisation_id);
    create table plan_run (
      id uuid primary key, organisation_id uuid not null references organisation (id), starts_on date not null,
        weeks integer not null,
      request jsonb not null, cancelled boolean not null default false, asked_by uuid not null references person (id),
        asked_at timestamptz not null default now()
    );
    create index on plan_run (organisation_id, asked_at);
    create table plan_run_item (
      run_id uuid not null references plan_run (id), athlete_id uuid not null references athlete (id),
        organisation_id uuid not null references organisation (id),
      state text not null, attempts integer not null default 0, problem text not null default '',
        weeks jsonb not null default '[]', changed_at timestamptz not null default now(),
      primary key (run_id, athlete_id)
    );
    create index on plan_run_item (organisation_id, athlete_id);
  `)
  for (const table of ['planning_rules', 'athlete_rules', 'plan_run', 'plan_run_item']) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
    `)
  }
  await knex.raw(`
    create policy see on planning_rules for select using (organisation_id = keen_org() and ${STAFF});
    create policy add on planning_rules for insert with check (organisation_id = keen_org() and ${PLANNERS});
    create policy change on planning_rules for update using (organisation_id = keen_org() and ${PLANNERS})
      with check (organisation_id = keen_org());
    create policy see on athlete_rules for select using (organisation_id = keen_org() and ${STAFF} and ${SEEN});
    create policy add on athlete_rules for insert with check (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    create policy change on athlete_rules for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy erase on athlete_rules for delete using (organisation_id = keen_org() and keen_role() = 'system');
    create policy see on plan_run for select using (organisation_id = keen_org() and ${STAFF});
    create policy add on plan_run for insert with check (organisation_id = keen_org() and ${PLANNERS});
    create policy change on plan_run for update using (organisation_id = keen_org() and ${PLANNERS})
      with check (organisation_id = keen_org());
    create policy see on plan_run_item for select using (organisation_id = keen_org() and ${STAFF} and ${SEEN});
    create policy add on plan_run_item for insert with check (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    create policy change on plan_run_item for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy erase on plan_run_item for delete using (organisation_id = keen_org() and keen_role() = 'system');
    grant select, insert, update on planning_rules, athlete_rules, plan_run, plan_run_item to keen_anchor_app;
    create function keen_erase_planning() returns trigger language plpgsql security definer set search_path = public
      as $$
    begin
      delete from athlete_rules where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from plan_run_item where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_planning before delete on athlete for each row execute function keen_erase_planning();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
