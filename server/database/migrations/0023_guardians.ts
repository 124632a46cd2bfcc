import type { Knex } from 'knex'

const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'
const COACHES = 'keen_role() in (\'headCoach\', \'coach\', \'system\')'
const HERE = 'organisation_id = keen_org()'

/** Who answers for an athlete under age, that they have consented, and which coaches read the health answers. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table guardian (
      athlete_id uuid primary key references athlete (id) on delete cascade,
      organisation_id uuid not null references organisation (id), version integer not null default 1,
      name text not null, contact text not null, consent_on date, coaches uuid[] not null default '{}',
      changed_by uuid, changed_at timestamptz not null default now()
    );
    create index on guardian (organisation_id);
    alter table guardian enable row level security; alter table guardian force row level security;
    create policy see on guardian for select using (${HERE} and ${SEEN} and keen_role() <> 'assistant');
    create policy add on guardian for insert with check (${HERE} and ${COACHES} and ${SEEN});
    create policy change on guardian for update using (${HERE} and ${COACHES} and ${SEEN}) with check (${HERE});
    create policy erase on guardian for delete using (${HERE} and keen_role() = 'system');
    grant select, insert, update on guardian to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
