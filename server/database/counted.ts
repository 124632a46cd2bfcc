import type { Knex } from 'knex'

/** How often the database was asked, and how long whoever asked waited for a connection. */
export interface Counted {
  readonly statements: number
  readonly connections: number
  /** Those that were not there at once. */
  readonly waited: number
  readonly longestWaitMs: number
}

/** Longer than this a connection was waited for. */
const AT_ONCE_MS = 2

interface Pool {
  on: (event: 'acquireRequest' | 'acquireSuccess' | 'acquireFail', heard: (id: number) => void) => void
}

/** Counts what is asked of a database from now on. */
export function countOf(db: Knex): () => Counted {
  const asked = new Map<number, number>()
  const count = { statements: 0, connections: 0, waited: 0, longestWaitMs: 0 }
  db.on('query', () => { count.statements += 1 })
  const { pool } = db.client as { pool: Pool }
  pool.on('acquireRequest', id => asked.set(id, performance.now()))
  const got = (id: number): void => {
    const ms = performance.now() - (asked.get(id) ?? performance.now())
    asked.delete(id)
    count.connections += 1
    if (ms > AT_ONCE_MS) count.waited += 1
    count.longestWaitMs = Math.max(count.longestWaitMs, Math.round(ms))
  }
  pool.on('acquireSuccess', got)
  pool.on('acquireFail', got)
  return () => ({ ...count })
}
