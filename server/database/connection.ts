import knex, { type Knex } from 'knex'
import pg from 'pg'

// Training days are days, not moments: keep PostgreSQL dates as text.
pg.types.setTypeParser(pg.types.builtins.DATE, text => text)

/** How long one statement, one wait for a lock and one idle transaction may take before they are given up. */
const STATEMENT_MS = 20_000
const LOCK_MS = 8_000
const IDLE_TRANSACTION_MS = 30_000

/** A pool on one database; `max` connections. A statement of `statementMs` 0 may take as long as it needs. */
export function connect(url: string, max = 10, waitMs = 5_000, statementMs = STATEMENT_MS): Knex {
  return knex({
    client: 'pg',
    // Knex's own type names fewer settings than the driver takes.
    connection: {
      connectionString: url, application_name: 'keen-anchor', keepAlive: true, connectionTimeoutMillis: waitMs,
      statement_timeout: statementMs, lock_timeout: LOCK_MS, idle_in_transaction_session_timeout: IDLE_TRANSACTION_MS,
    } as Knex.PgConnectionConfig,
    pool: { min: 0, max },
    acquireConnectionTimeout: waitMs,
  })
}

/**
 * Waits for the turn at work that only one of several servers does at a time, until the transaction ends. It may be
 * another server's whole migration or demo that is waited for, so the limits that requests have do not hold here.
 */
export async function takeTurn(tx: Knex.Transaction, lock: number): Promise<void> {
  await tx.raw(
    'set local lock_timeout = 0; set local statement_timeout = 0; set local idle_in_transaction_session_timeout = 0',
  )
  await tx.raw('select pg_advisory_xact_lock(?)', [lock])
}

/** Who acts in a transaction, and so which rows it may see. */
interface Tenant {
  readonly organisationId: string
  readonly personId: string | null
  /** `system` is the product itself: the demo, the queue, an invitation that is accepted. */
  readonly role: string
  readonly athleteId: string | null
}

/** The product itself at work in an organisation. */
export const asSystemOf = (organisationId: string): Tenant =>
  ({ organisationId, personId: null, role: 'system', athleteId: null })

/**
 * Runs `work` in one transaction that sees what the person who acts may see: row-level security reads
 * settings that live and die with the transaction.
 */
export function inOrganisation<T>(db: Knex, tenant: Tenant, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.raw(
      `select set_config('keen.organisation', ?, true), set_config('keen.person', ?, true),
        set_config('keen.role', ?, true),
        set_config('keen.athlete', ?, true)`,
      [tenant.organisationId, tenant.personId ?? '', tenant.role, tenant.athleteId ?? ''])
    return work(tx)
  })
}

/** Runs a part of a transaction as the product itself, after the caller has checked that the person may ask for it. */
export async function asSystem<T>(tx: Knex.Transaction, tenant: Tenant, work: () => Promise<T>): Promise<T> {
  await tx.raw('select set_config(\'keen.role\', \'system\', true)')
  const result = await work()
  await tx.raw('select set_config(\'keen.role\', ?, true)', [tenant.role])
  return result
}

/** Runs `work` in a transaction that sees only the account with this e-mail: all that signing in needs. */
export function asVisitor<T>(db: Knex, email: string, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.raw('select set_config(\'keen.sign_in_email\', ?, true)', [email.toLowerCase()])
    return work(tx)
  })
}

/** Runs `work` in a transaction that sees only the token of an opened link. */
export function byLink<T>(db: Knex, tokenHash: string, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.raw('select set_config(\'keen.token\', ?, true)', [tokenHash])
    return work(tx)
  })
}
