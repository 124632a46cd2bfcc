import type { Knex } from 'knex'

/**
 * Bands that a coach set in seconds become full sets: a session was to leave 300 s in the trunk and is now to leave 4.2
 * full sets, so so many of the 300 are as many of the 4.2, to the nearest tenth. What was set stays beside it, so that
 * it can be told. The record keeps the words it was written in.
 */
const converted = (table: string): string => `
  alter table ${table} no force row level security;
  update ${table} set rules = jsonb_set(rules, '{bands}', coalesce(
    (select jsonb_object_agg(action, case when band->'lowS' is not null then jsonb_build_object(
        'low', round((band->>'lowS')::numeric * 4.2 / 300, 1), 'high', round((band->>'highS')::numeric * 4.2 / 300, 1),
        'wasS', jsonb_build_array(band->'lowS', band->'highS')) else band end)
      from jsonb_each(rules->'bands') as b (action, band)), '{}'))
    where rules->'bands' is not null and rules->'bands' <> '{}';
  alter table ${table} force row level security;
`

/** What the trunk is asked for is counted in full sets. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(converted('planning_rules'))
  await knex.raw(converted('athlete_rules'))
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
