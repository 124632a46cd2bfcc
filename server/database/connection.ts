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
  return beginningAs(knex({
    client: 'pg',
    // Knex's own type names fewer settings than the driver takes.
    connection: {
      connectionString: url, application_name: 'keen-anchor', keepAlive: true, connectionTimeoutMillis: waitMs,
      statement_timeout: statementMs, lock_timeout: LOCK_MS, idle_in_transaction_session_timeout: IDLE_TRANSACTION_MS,
    } as Knex.PgConnectionConfig,
    pool: { min: 0, max },
    acquireConnectionTimeout: waitMs,
  }))
}

/** What a transaction of Knex is made of, as far as it is used here. */
interface Beginning {
  begin: (connection: unknown) => Promise<unknown>
  query: (connection: unknown, text: string) => Promise<unknown>
}
type Begin = (work: unknown, config?: { first?: string }, outer?: unknown) => Beginning

/**
 * Transactions that are given a first statement send it with their beginning, in one round trip. Knex hands what it
 * does not know through to here; were that to end, nothing at all would be seen.
 */
function beginningAs(db: Knex): Knex {
  const client = db.client as { transaction: Begin }
  const make = client.transaction.bind(client)
  client.transaction = (work, config, outer) => {
    const transaction = make(work, config, outer)
    const first = config?.first
    if (first) transaction.begin = connection => transaction.query(connection, `BEGIN; ${first}`)
    return transaction
  }
  return db
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
  return begun(db, {
    organisation: tenant.organisationId, person: tenant.personId ?? '', role: tenant.role,
    athlete: tenant.athleteId ?? '',
  }, work)
}

function begun<T>(
  db: Knex, values: Readonly<Record<string, string>>, work: (tx: Knex.Transaction) => Promise<T>,
): Promise<T> {
  return db.transaction(work, { first: settings(values) } as Knex.TransactionConfig)
}

/** A statement that sets what row-level security reads, until the transaction ends. */
const settings = (values: Readonly<Record<string, string>>): string =>
  `select ${Object.entries(values).map(([name, value]) =>
    `set_config('keen.${name}', ${pg.escapeLiteral(value)}, true)`).join(', ')};`

/** Runs a part of a transaction as the product itself, after the caller has checked that the person may ask for it. */
export async function asSystem<T>(tx: Knex.Transaction, tenant: Tenant, work: () => Promise<T>): Promise<T> {
  await tx.raw('select set_config(\'keen.role\', \'system\', true)')
  const result = await work()
  await tx.raw('select set_config(\'keen.role\', ?, true)', [tenant.role])
  return result
}

/** Runs `work` in a transaction that sees only the account with this e-mail: all that signing in needs. */
export function asVisitor<T>(db: Knex, email: string, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return begun(db, { sign_in_email: email.toLowerCase() }, work)
}

/** Runs `work` in a transaction that sees only the token of an opened link. */
export function byLink<T>(db: Knex, tokenHash: string, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return begun(db, { token: tokenHash }, work)
}
