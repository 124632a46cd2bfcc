import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * What was decided of an athlete on a branch, with the evidence it rested on and what the engine would have decided;
 * what an assistant proposes stands beside it until a coach decides.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table decision (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      branch text not null, variation_id text not null, day date not null, evidence_day date not null,
      kind text not null, taken text not null,
        check (kind in ('refer', 'swap', 'down', 'up', 'more', 'stay')
          and taken in ('refer', 'swap', 'down', 'up', 'more', 'stay')),
      given jsonb not null, step jsonb, decision jsonb not null, reason text not null,
      state text not null check (state in ('proposed', 'taken', 'undone')),
      stood text, decided_by uuid not null, at timestamptz not null default now(), undone_by uuid, undone_at timestamptz
    );
    create index on decision (organisation_id, athlete_id, day desc);
    -- Two coaches at once: one of them decides on the same evidence.
    create unique index on decision (organisation_id, athlete_id, branch, evidence_day) where state = 'taken';
    alter table decision enable row level security;
    alter table decision force row level security;
    create policy see on decision for select using (organisation_id = keen_org() and ${SEEN});
    create policy add on decision for insert with check (
      organisation_id = keen_org() and ${SEEN} and (${PLANNERS} or (keen_role() = 'assistant' and state = 'proposed')));
    create policy change on decision for update using (organisation_id = keen_org() and ${PLANNERS} and ${SEEN})
      with check (organisation_id = keen_org());
    create policy erase on decision for delete using (organisation_id = keen_org() and keen_role() = 'system');
    grant select, insert on decision to keen_anchor_app;
    grant update (state, undone_by, undone_at) on decision to keen_anchor_app;
    create function keen_erase_decisions() returns trigger language plpgsql security definer
      set search_path = public as $$
    begin
      delete from decision where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_decisions before delete on athlete for each row execute function keen_erase_decisions();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
