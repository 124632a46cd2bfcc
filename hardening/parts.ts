import { spawn, type ChildProcess } from 'node:child_process'
import { openSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'
import { ensurePostgres } from '../scripts/lib/postgres.mjs'
import type { Luck } from './random'

const sleep = (ms: number): Promise<unknown> => new Promise(resolve => setTimeout(resolve, ms))

/** The parts of the product, each of which can be taken away and come back. */
export class Parts {
  private server: ChildProcess | null = null
  private folder = ''

  async start(): Promise<void> {
    await this.startDatabase()
    this.startServer()
  }

  startServer(): void {
    const log = openSync(process.env.HARDENING_LOG!, 'a')
    this.server = spawn(process.execPath, [process.env.HARDENING_SERVER!], {
      stdio: ['ignore', log, log], env: process.env,
    })
  }

  async stop(): Promise<void> {
    const server = this.server
    if (!server) return
    server.kill('SIGTERM')
    for (let i = 0; i < 200 && server.exitCode === null && server.signalCode === null; i++) await sleep(50)
    server.kill('SIGKILL')
  }

  private async startDatabase(): Promise<void> {
    const cluster = await ensurePostgres({ name: process.env.HARDENING_CLUSTER!, durable: true }) as { folder: string }
    this.folder = cluster.folder
  }

  async owner<T>(work: (client: pg.Client) => Promise<T>): Promise<T> {
    const client = new pg.Client({ connectionString: process.env.DATABASE_URL! })
    client.on('error', () => undefined)
    await client.connect()
    try {
      return await work(client)
    }
    finally {
      await client.end().catch(() => undefined)
    }
  }

  /** The application server dies in the middle of whatever it does, and is started again. */
  async killServer(luck: Luck): Promise<void> {
    const dead = this.server!
    dead.kill('SIGKILL')
    await sleep(luck.below(400))
    this.startServer()
  }

  /** The database dies with everything it has not written, recovers, and listens on the same port. */
  async killDatabase(luck: Luck): Promise<void> {
    const pid = Number(readFileSync(join(this.folder, 'postmaster.pid'), 'utf8').split('\n')[0])
    process.kill(pid, 'SIGKILL')
    await sleep(150 + luck.below(500))
    await this.startDatabase()
  }

  /** Every connection of the small pool waits behind a lock. */
  exhaustPool(luck: Luck): Promise<void> {
    return this.owner(async (client) => {
      await client.query('begin; lock table audit in access exclusive mode')
      await sleep(500 + luck.below(2500))
      await client.query('rollback')
    })
  }

  /** The disk takes nothing: what the application sees is the error a full disk gives (53100). */
  refuseDisk(luck: Luck): Promise<void> {
    return this.during(luck,
      'raise exception \'could not extend file: No space left on device\' using errcode = \'53100\';')
  }

  slowQueries(luck: Luck): Promise<void> {
    return this.during(luck, `perform pg_sleep(${(0.2 + luck.next()).toFixed(2)});`)
  }

  /** Runs a statement before each line of the record, and so inside every write, for a while. */
  private during(luck: Luck, statement: string): Promise<void> {
    return this.owner(async (client) => {
      await client.query(
        `create or replace function hardening_fault() returns trigger language plpgsql
          as $$ begin ${statement} return new; end $$;
        create or replace trigger hardening_fault before insert on audit for each row
          execute function hardening_fault()`,
      )
      await sleep(300 + luck.below(1200))
      await client.query('drop trigger if exists hardening_fault on audit')
    })
  }
}

export const FAULTS = ['killServer', 'killDatabase', 'exhaustPool', 'refuseDisk', 'slowQueries'] as const
export type Fault = (typeof FAULTS)[number]
