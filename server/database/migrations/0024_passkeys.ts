import type { Knex } from 'knex'

const HERE = 'organisation_id = keen_org()'
const SYSTEM = 'keen_role() = \'system\''
const OWN = `(${SYSTEM} or person_id = keen_person())`

/** Keys of devices that sign somebody in without a password. Whoever shows one is found by its name alone. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table passkey (
      id uuid primary key, organisation_id uuid not null references organisation (id),
      person_id uuid not null references person (id) on delete cascade,
      credential_id text not null unique, public_key text not null, counter bigint not null, name text not null,
      made_at timestamptz not null default now(), used_at timestamptz
    );
    create index on passkey (organisation_id, person_id);
    alter table passkey enable row level security; alter table passkey force row level security;
    create policy see on passkey for select using (${HERE} and ${OWN});
    create policy by_link on passkey for select
      using (credential_id = nullif(current_setting('keen.token', true), ''));
    create policy add on passkey for insert with check (${HERE} and person_id = keen_person());
    create policy change on passkey for update using (${HERE} and ${SYSTEM}) with check (${HERE});
    create policy remove on passkey for delete using (${HERE} and ${OWN});
    grant select, insert, update, delete on passkey to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
