import type { Knex } from 'knex'

/**
 * An installation can be founded by whoever has the code that was printed at its start; an organisation that was
 * invented says so.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table installation add column founding_hash text;
    alter table organisation add column demo boolean not null default false;
  `)
  // Rows of organisations are seen from inside them: for this once by whoever owns them.
  await knex.raw(`
    alter table organisation no force row level security;
    alter table person no force row level security;
    update organisation set demo = true where id in
      (select organisation_id from person where email = 'head@larkholm.example');
    alter table organisation force row level security;
    alter table person force row level security;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
