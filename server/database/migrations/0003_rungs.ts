import type { Knex } from 'knex'

/**
 * Rungs were added between those of the release before. Where the old rung 1, 2, 3 … of each ladder stands now:
 * everybody stays on the drill they stood on. Kept as numbers, since a migration must not change with the catalogue.
 */
const MOVED: Readonly<Record<string, readonly number[]>> = {
  brace: [1, 3, 6],
  'front-plank': [2, 3, 4, 5, 8, 9],
  'plank-limbs': [2, 3, 4, 5],
  rollout: [2, 4, 7, 8, 10],
  hollow: [1, 2, 3, 4, 5],
  'dead-bug': [1, 2, 3, 5, 8],
  quadruped: [1, 2, 5, 6, 9],
  'side-plank': [1, 2, 5, 6, 8, 9],
  'press-out': [1, 3, 4, 5, 6, 7],
  carries: [2, 3, 4, 6, 7],
  rotation: [2, 7, 12, 13, 14, 16, 18],
  flexion: [2, 3, 8, 13, 14, 19],
  posterior: [1, 6, 10, 11, 12],
  balance: [1, 3, 4, 6],
  'inside-lift': [2, 3, 4, 5, 6],
}

export async function up(knex: Knex): Promise<void> {
  // The owner may be bound by the policies too: they are lifted for this transaction alone.
  await knex.raw('alter table athlete no force row level security')
  const athletes = await knex('athlete').select<{ id: string, rungs: Record<string, number> }[]>('id', 'rungs')
  for (const { id, rungs } of athletes) {
    const now = Object.fromEntries(
      Object.entries(rungs).map(([ladder, rung]) => [ladder, MOVED[ladder]?.[rung - 1] ?? rung]),
    )
    await knex('athlete').where({ id }).update({ rungs: JSON.stringify(now) })
  }
  await knex.raw('alter table athlete force row level security')
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
