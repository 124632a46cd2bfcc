import type { Knex } from 'knex'

const HERE = 'organisation_id = keen_org()'
const SYSTEM = 'keen_role() = \'system\''

/**
 * Every sign-in is a row of its own, so that it ends on the server; a person has a key that what their devices keep is
 * locked with, and a second factor.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table sign_in (
      id uuid primary key, organisation_id uuid not null references organisation (id),
      person_id uuid not null references person (id) on delete cascade,
      session_version integer not null, device text not null, own boolean not null,
      began_at timestamptz not null default now(), seen_at timestamptz not null default now()
    );
    create index on sign_in (organisation_id, person_id);
    create table device_key (
      person_id uuid primary key references person (id) on delete cascade,
      organisation_id uuid not null references organisation (id), key text not null
    );
    create table second_factor (
      person_id uuid primary key references person (id) on delete cascade,
      organisation_id uuid not null references organisation (id),
      secret text not null, confirmed_at timestamptz, last_step bigint not null default 0,
      recovery text[] not null default '{}'
    );
    grant select, insert, update, delete on sign_in, device_key, second_factor to keen_anchor_app;
  `)
  for (const table of ['sign_in', 'device_key', 'second_factor']) {
    const own = table === 'sign_in' ? ' or person_id = keen_person()' : ''
    await knex.raw(`
      alter table ${table} enable row level security; alter table ${table} force row level security;
      create policy see on ${table} for select using (${HERE} and (${SYSTEM}${own}));
      create policy add on ${table} for insert with check (${HERE} and ${SYSTEM});
      create policy change on ${table} for update using (${HERE} and ${SYSTEM}) with check (${HERE});
      create policy remove on ${table} for delete using (${HERE} and (${SYSTEM}${own}));
    `)
  }
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
