import type { Knex } from 'knex'

/**
 * What an organisation adds to the standard catalogue: one document with one version, since its entries are checked
 * against each other. Everybody of the organisation reads it; who plans may change it.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table own_catalogue (
      organisation_id uuid primary key references organisation (id),
      version integer not null,
      document jsonb not null,
      changed_at timestamptz not null default now(),
      changed_by uuid references person (id)
    );
    alter table own_catalogue enable row level security;
    alter table own_catalogue force row level security;
    create policy see on own_catalogue for select using (organisation_id = keen_org());
    create policy add on own_catalogue for insert
      with check (organisation_id = keen_org() and keen_role() in ('headCoach', 'coach', 'system'));
    create policy change on own_catalogue for update
      using (organisation_id = keen_org() and keen_role() in ('headCoach', 'coach', 'system'))
        with check (organisation_id = keen_org());
    grant select, insert, update on own_catalogue to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
