import type { Knex } from 'knex'

const PLANNERS = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * Health that counts at the moment of training: what is known of it has a version, every flag the moment it was raised,
 * every clearance the role it was given in. What coaches are told of it, and what they decide of drills that hurt,
 * stand in tables of their own.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table athlete_health no force row level security;
    alter table athlete_health
      add column version integer not null default 1, add column raised jsonb not null default '{}',
        add column overruled jsonb not null default '[]',
      add column changed_by uuid;
    -- Clearances of the release before named no role,
    -- and some outlived their flag; flags of it stand since they were answered, or since now.
    update athlete_health set clearances = coalesce(
        (select jsonb_agg(c || '{"role":"clinician"}')
          from jsonb_array_elements(clearances) c where c->>'flag' = any(flags)), '[]')
      where jsonb_array_length(clearances) > 0;
    update athlete_health h set raised = coalesce((select jsonb_object_agg(f, jsonb_build_object(
      'day', to_char(coalesce(h.answered_at, now()) at time zone 'UTC', 'YYYY-MM-DD'),
      'at', to_char(coalesce(h.answered_at, now()) at time zone 'UTC',
        'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'))) from unnest(h.flags) f), '{}');
    alter table athlete_health force row level security;

    create table health_alert (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      kind text not null check (kind in ('stop', 'limits', 'pain', 'painTwice', 'cleared')),
        at timestamptz not null default now(), day date not null,
      person_id uuid, variation_id text, stops integer not null default 0, told jsonb not null default '[]',
        settled_at timestamptz
    );
    create index on health_alert (organisation_id, at desc);
    create index on health_alert (organisation_id, athlete_id, at desc);
    create table pain_decision (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      variation_id text not null, verdict text not null check (verdict in ('goOn', 'leaveOut', 'refer')),
        reason text not null,
      looked_at_by text not null, role text, decided_by uuid, at timestamptz not null default now()
    );
    create index on pain_decision (organisation_id, athlete_id, at);
    -- Sets that hurt, and sets of the same drills since: few, and asked for with every athlete,
    -- which the log of all sets is not made for.
    create table pain_set (
      id uuid primary key, organisation_id uuid not null references organisation (id),
        athlete_id uuid not null references athlete (id),
      variation_id text not null, day date not null, at timestamptz not null, hurt boolean not null, place text
    );
    create index on pain_set (organisation_id, athlete_id);
    alter table set_log no force row level security;
    insert into pain_set (id, organisation_id, athlete_id, variation_id, day, at, hurt, place)
      select l.id, l.organisation_id, l.athlete_id, l.variation_id, l.day, l.performed_at,
        l.break_point = 'pain' or l.pain_at is not null, l.pain_at
      from set_log l
        where exists (select 1 from set_log p
          where p.organisation_id = l.organisation_id and p.athlete_id = l.athlete_id
        and p.variation_id = l.variation_id and p.day <= l.day and (p.break_point = 'pain' or p.pain_at is not null))
      on conflict do nothing;
    alter table set_log force row level security;
  `)
  for (const table of ['health_alert', 'pain_decision', 'pain_set']) {
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy see on ${table} for select using (organisation_id = keen_org() and ${SEEN});
      create policy erase on ${table} for delete using (organisation_id = keen_org() and keen_role() = 'system');
    `)
  }
  await knex.raw(`
    create policy add on health_alert for insert with check (organisation_id = keen_org() and keen_role() = 'system');
    create policy change on health_alert for update using (organisation_id = keen_org() and keen_role() = 'system')
      with check (organisation_id = keen_org());
    create policy add on pain_set for insert with check (organisation_id = keen_org() and ${SEEN});
    create policy add on pain_decision for insert with check (organisation_id = keen_org() and ${PLANNERS} and ${SEEN});
    grant select, insert, update on health_alert to keen_anchor_app;
    grant select, insert on pain_decision, pain_set to keen_anchor_app;
    create function keen_erase_safety() returns trigger language plpgsql security definer set search_path = public as $$
    begin
      delete from health_alert where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from pain_set where organisation_id = old.organisation_id and athlete_id = old.id;
      delete from pain_decision where organisation_id = old.organisation_id and athlete_id = old.id;
      return old;
    end $$;
    create trigger erase_safety before delete on athlete for each row execute function keen_erase_safety();
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
