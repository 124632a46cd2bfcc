import type { Knex } from 'knex'

/** A transaction that already sees one organisation only. */
export type Tx = Knex.Transaction

let planOnce = true

/** Behind a pooler that hands out connections by the transaction nothing may be left on one. */
export function planEachTime(): void {
  planOnce = false
}

/**
 * Marks a statement of one constant text as one that a connection plans once: planning takes longer than running it.
 * Two texts under one name are refused by the driver.
 */
export const planned = (name: string): { name?: string } => (planOnce ? { name: `keen ${name}` } : {})

/** A document column takes JSON text; a plain array would be read as a PostgreSQL array. */
export const json = (value: unknown): string => JSON.stringify(value)
