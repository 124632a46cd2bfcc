import type { Knex } from 'knex'

/**
 * What each implement weighs, in kilograms, or pulls, in newtons; none: as usual. Loads are prescribed in steps that
 * there are.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('alter table facility_equipment add column weights jsonb not null default \'[]\'')
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
