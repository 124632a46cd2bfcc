import type { Knex } from 'knex'
import PgBoss from 'pg-boss'
import { eachJob, type AtWork } from './eachJob'

/** The queue's own schema: jobs carry keys and addresses of work, never what a tenant's tables hold. */
export const QUEUE_SCHEMA = 'keen_queue'

/** Every kind of work there is, with how often a failed one is tried again. */
const QUEUES = {
  mail: { retryLimit: 8, retryDelay: 5, retryBackoff: true },
  resetRequest: { retryLimit: 3, retryDelay: 5 },
  // A worker that dies is noticed when its job runs out.
  planWeeks: { retryLimit: 5, retryDelay: 1, expireInSeconds: 60 },
  assignWeeks: { retryLimit: 5, retryDelay: 1, expireInSeconds: 60 },
  tidy: { retryLimit: 2, retryDelay: 60 },
  seal: { retryLimit: 2, retryDelay: 60 },
  weekSums: { retryLimit: 2, retryDelay: 60, expireInSeconds: 3600 },
} as const
export type QueueName = keyof typeof QUEUES

/** How long a server that ends waits for work at hand: what is not done by then is done again elsewhere. */
const STOP_MS = 5_000

interface Runner { query: (text: string, values: unknown[]) => Promise<{ rows: unknown[] }> }

/** Runs the queue's statements on a connection of the pool that the requests use. */
function onPool(db: Knex): PgBoss.Db {
  return {
    async executeSql(text: string, values: unknown[]) {
      const client = db.client as {
        acquireConnection: () => Promise<Runner>
        releaseConnection: (c: Runner) => Promise<void>
      }
      const connection = await client.acquireConnection()
      try {
        return await connection.query(text, values) as { rows: unknown[], rowCount: number }
      }
      finally {
        await client.releaseConnection(connection)
      }
    },
  } as PgBoss.Db
}

/** Makes the queue's schema and queues as the owner and lets the application role use, not own, them. */
export async function prepareQueue(owner: Knex, appRole: string): Promise<void> {
  const boss = new PgBoss({ db: onPool(owner), schema: QUEUE_SCHEMA, supervise: false, schedule: false, migrate: true })
  boss.on('error', () => { /* told by the call that fails */ })
  await boss.start()
  for (const [name, options] of Object.entries(QUEUES)) await boss.createQueue(name, { name, ...options })
  await boss.stop({ graceful: false })
  await owner.raw(`
    grant usage on schema ${QUEUE_SCHEMA} to ${appRole};
    grant select, insert, update, delete on all tables in schema ${QUEUE_SCHEMA} to ${appRole};
    revoke execute on all functions in schema ${QUEUE_SCHEMA} from public;
    grant execute on all functions in schema ${QUEUE_SCHEMA} to ${appRole};
  `)
}

/** Where work for later is put, inside the transaction that decides on it. */
export interface Queue {
  send(tx: Knex.Transaction, name: string, ...each: readonly Readonly<Record<string, string>>[]): Promise<void>
}

/** The queue at run time, over the application's own pool. */
export interface RunningQueue extends Queue {
  sendNow(name: QueueName, data: Readonly<Record<string, string>>): Promise<void>
  work(name: QueueName, handle: (data: Record<string, string>) => Promise<void>): void
  /** Whether the queue's tables answer. */
  answers(): Promise<boolean>
  stop(): Promise<void>
}

export async function startQueue(db: Knex, onError: (error: unknown) => void): Promise<RunningQueue> {
  const boss = new PgBoss({
    db: onPool(db), schema: QUEUE_SCHEMA, migrate: false, supervise: true, schedule: true,
    clockMonitorIntervalSeconds: 600, maintenanceIntervalSeconds: 20,
  })
  boss.on('error', onError)
  await boss.start()
  await boss.schedule('tidy', '17 3 * * *', {})
  await boss.schedule('seal', '*/10 * * * *', {})
  await boss.schedule('weekSums', '47 1 * * *', {})
  const atWork: AtWork[] = []
  return {
    async send(tx, name, ...each) {
      const connection = await (tx as unknown as { client: { acquireConnection: () => Promise<Runner> } }).client
        .acquireConnection()
      const inTransaction = {
        executeSql: (text: string, values: unknown[]) => connection.query(text, values),
      } as PgBoss.Db
      await boss.insert(each.map(data => ({ name, data })), { db: inTransaction })
    },
    async sendNow(name, data) {
      await boss.send(name, data)
    },
    work(name, handle) {
      atWork.push(eachJob(boss, name, handle, onError))
    },
    answers: async () => Boolean(await boss.isInstalled()),
    async stop() {
      await Promise.race([
        Promise.all(atWork.map(one => one.stop())), new Promise(resolve => setTimeout(resolve, STOP_MS)),
      ])
      await boss.stop({ graceful: true, wait: true, timeout: STOP_MS })
    },
  }
}
