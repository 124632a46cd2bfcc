import type { Knex } from 'knex'

/** A transaction that already sees one organisation only. */
export type Tx = Knex.Transaction

export { planned } from '../database/planned'

/** A document column takes JSON text; a plain array would be read as a PostgreSQL array. */
export const json = (value: unknown): string => JSON.stringify(value)
