import type { Knex } from 'knex'
import pino from 'pino'
import { connect } from '../database/connection'
import { countOf, type Counted } from '../database/counted'
import { migrate } from '../database/migrate'
import { startQueue, type RunningQueue } from '../queue/queue'
import { startWorkers } from '../jobs/workers'
import { planEachTime } from '../services/context'
import { loadDemoIfEmpty } from '../services/demo'
import { openFounding } from '../services/founding'
import { readConfiguration, type Configuration } from './configuration'
import { isPassing } from './httpErrors'
import { rateLimits, type RateLimits } from './rateLimits'

/** The parts every request works with, made once at start. */
interface Runtime {
  readonly configuration: Configuration
  readonly db: Knex
  /** Where is read what may be seconds old: a replica, where there is one. */
  readonly late: Knex
  readonly log: pino.Logger
  /** What was asked of the database since the start. */
  readonly counted: () => Counted
  readonly limits: RateLimits
  /** Settles when the database is migrated, the queue runs, and the demo, if wanted, is there. */
  readonly ready: Promise<Prepared>
  /** What `ready` settled with; null until then. */
  prepared: Prepared | null
}

export interface Prepared {
  readonly queue: RunningQueue
}

/** How long a server that starts before its database waits between looks. */
const LOOK_AGAIN_MS = 500

let runtime: Runtime | null = null

/** Starts the parts on first use; a wrong configuration throws at once. */
export function useRuntime(): Runtime {
  runtime ??= start()
  return runtime
}

function start(): Runtime {
  const configuration = readConfiguration(process.env)
  const log = pino({ level: configuration.logLevel, base: null, timestamp: pino.stdTimeFunctions.isoTime })
  if (configuration.pooler) planEachTime()
  const db = connect(configuration.appUrl, configuration.poolMax)
  const late = configuration.replicaUrl ? connect(configuration.replicaUrl, configuration.poolMax) : db
  const ready = prepareWhenThere(configuration, db, log)
  const counted = countOf(db)
  const made: Runtime = { configuration, db, late, log, counted, ready, prepared: null, limits: rateLimits(db) }
  ready.then(
    (prepared) => { made.prepared = prepared },
    (error: unknown) => log.fatal({ error: String(error) }, 'could not prepare the database'))
  return made
}

/** A database that is away is waited for; one that cannot be made ready is a reason to stop. */
async function prepareWhenThere(configuration: Configuration, db: Knex, log: pino.Logger): Promise<Prepared> {
  for (;;) {
    try {
      return await prepare(configuration, db, log)
    }
    catch (error) {
      if (!isPassing(error)) throw error
      log.warn({ code: (error as { code?: string }).code }, 'waiting for the database')
      await new Promise(resolve => setTimeout(resolve, LOOK_AGAIN_MS))
    }
  }
}

async function prepare(configuration: Configuration, db: Knex, log: pino.Logger): Promise<Prepared> {
  const now = new Date()
  await migrate(configuration.ownerUrl, configuration.appPassword, now.toISOString().slice(0, 10))
  if (configuration.loadDemo && await loadDemoIfEmpty(db, now)) log.info('demo loaded')
  const code = await openFounding(db, configuration.foundingCode)
  if (code !== null && configuration.foundingCode === null)
    log.warn({ code, at: `${configuration.publicUrl}/found` }, 'nobody is here yet: this code founds an organisation')
  // A database that is away for a while is told in the log and waited for.
  const queue = await startQueue(
    db,
    error => log.warn({ code: (error as { code?: string }).code }, 'queue waits for the database'),
  )
  startWorkers({ db, queue, ...configuration, onSealed: sealed => log.info(sealed, 'record sealed') })
  return { queue }
}

/** Closes what was opened; called when the server goes down, after its last request. */
export async function closeRuntime(): Promise<void> {
  if (!runtime) return
  await runtime.prepared?.queue.stop().catch(() => undefined)
  runtime.log.info(runtime.counted(), 'asked of the database')
  await runtime.db.destroy()
  if (runtime.late !== runtime.db) await runtime.late.destroy()
  runtime = null
}
