import type { Knex } from 'knex'

/**
 * What a phase of a season asks for before the next one begins is called its opening: a gate belongs to a rung. Seasons
 * that are stored follow; the record keeps the words it was written in.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table season no force row level security;
    update season set shape = jsonb_set(shape, '{phases}', coalesce(
      (select jsonb_agg(
          case when phase->'gate' is null then phase
            else (phase - 'gate') || jsonb_build_object('opening', phase->'gate') end
          order by place)
        from jsonb_array_elements(shape->'phases') with ordinality as p (phase, place)), '[]'));
    alter table season force row level security;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
