import type { Knex } from 'knex'
import pino from 'pino'
import { connect } from '../database/connection'
import { migrate } from '../database/migrate'
import { loadDemoIfEmpty } from '../services/demo'
import { readConfiguration, type Configuration } from './configuration'

/** The parts every request works with, made once at start. */
export interface Runtime {
  readonly configuration: Configuration
  readonly db: Knex
  readonly log: pino.Logger
  /** Settles when the database is migrated and the demo, if wanted, is there. */
  readonly ready: Promise<void>
}

let runtime: Runtime | null = null

/** Starts the parts on first use; a wrong configuration throws at once. */
export function useRuntime(): Runtime {
  runtime ??= start()
  return runtime
}

function start(): Runtime {
  const configuration = readConfiguration(process.env)
  const log = pino({ level: configuration.logLevel, base: null, timestamp: pino.stdTimeFunctions.isoTime })
  const db = connect(configuration.appUrl)
  const ready = prepare(configuration, db, log)
  ready.catch((error: unknown) => log.fatal({ error: String(error) }, 'could not prepare the database'))
  return { configuration, db, log, ready }
}

async function prepare(configuration: Configuration, db: Knex, log: pino.Logger): Promise<void> {
  const now = new Date()
  await migrate(configuration.ownerUrl, configuration.appPassword, now.toISOString().slice(0, 10))
  if (configuration.loadDemo && await loadDemoIfEmpty(db, now)) log.info('demo loaded')
}

/** Closes what was opened; called when the server goes down. */
export async function closeRuntime(): Promise<void> {
  await runtime?.db.destroy()
}
