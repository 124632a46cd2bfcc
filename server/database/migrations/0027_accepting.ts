import type { Knex } from 'knex'

/** Weeks of a run are assigned by the queue: who asked for it stands on the line until it is done. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table plan_run_item add column accepted_by uuid;
    alter table plan_run_item add foreign key (organisation_id, accepted_by) references person (organisation_id, id);
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
