import knex, { type Knex } from 'knex'
import pg from 'pg'

// Training days are days, not moments: keep PostgreSQL dates as text.
pg.types.setTypeParser(pg.types.builtins.DATE, text => text)

/** A pool on one database; `max` connections. */
export function connect(url: string, max = 10): Knex {
  return knex({
    client: 'pg',
    connection: { connectionString: url, application_name: 'keen-anchor' },
    pool: { min: 0, max },
    acquireConnectionTimeout: 10_000,
  })
}

/** Whose rows a transaction may see. */
export interface Tenant {
  readonly organisationId: string
}

/**
 * Runs `work` in one transaction that sees only the organisation's rows: row-level security reads
 * a setting that lives and dies with the transaction.
 */
export function inOrganisation<T>(db: Knex, tenant: Tenant, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.raw('select set_config(\'keen.organisation\', ?, true)', [tenant.organisationId])
    return work(tx)
  })
}

/** Runs `work` in a transaction that sees only the account with this e-mail: all that signing in needs. */
export function asVisitor<T>(db: Knex, email: string, work: (tx: Knex.Transaction) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.raw('select set_config(\'keen.sign_in_email\', ?, true)', [email.toLowerCase()])
    return work(tx)
  })
}
