import type { Knex } from 'knex'

const SETTLES = 'keen_role() in (\'headCoach\', \'system\')'

/** What an organisation says otherwise about sports, as one document. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table own_sports (
      organisation_id uuid primary key references organisation (id), version integer not null, document jsonb not null,
      changed_at timestamptz not null default now(), changed_by uuid references person (id)
    );
    alter table own_sports enable row level security;
    alter table own_sports force row level security;
    create policy see on own_sports for select using (organisation_id = keen_org());
    create policy add on own_sports for insert with check (organisation_id = keen_org() and ${SETTLES});
    create policy change on own_sports for update using (organisation_id = keen_org() and ${SETTLES})
      with check (organisation_id = keen_org());
    grant select, insert, update on own_sports to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
