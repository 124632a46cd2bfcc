import pino from 'pino'
import { connect } from '../database/connection'
import { acceptLine } from '../services/acceptLine'
import { planLine, type LineOfWork } from '../services/planLine'
import { closePool, planInPool } from '../solver'
import { readConfiguration } from '../utils/configuration'
import { startQueue } from '../queue/queue'

/**
 * A process of its own that plans weeks from the queue, beside any number of others on any number of machines. It
 * migrates nothing and serves nothing; ended anywhere, what it was at is taken up by another.
 */
const { appUrl, logLevel } = readConfiguration(process.env)
const log = pino({ level: logLevel, base: null, timestamp: pino.stdTimeFunctions.isoTime })
const db = connect(appUrl, 2)
const queue = await startQueue(
  db,
  error => log.warn({ code: (error as { code?: string }).code }, 'planner waits for the database'),
)
/** Does one kind of work, and says in the log what failed of it. */
function work(name: 'planWeeks' | 'assignWeeks', handle: (line: LineOfWork) => Promise<void>): void {
  queue.work(name, async (data) => {
    try {
      await handle(data as unknown as LineOfWork)
    }
    catch (error) {
      const { code, message, stack } = error as { code?: string, message: string, stack?: string }
      log.error(
        { runId: data.runId, code, ...(code === undefined ? { error: message, stack } : {}) },
        `${name} failed and is tried again`,
      )
      throw error
    }
  })
}
// On a thread that is ended when it takes too long: one week that never ends holds up no other.
work('planWeeks', line => planLine(db, line, planInPool))
work('assignWeeks', line => acceptLine(db, line, new Date()))
log.info('planner is ready')
const stop = (): void => void queue.stop().catch(() => undefined).then(closePool).then(() => db.destroy())
  .then(() => process.exit(0))
process.once('SIGINT', stop).once('SIGTERM', stop)
// Started by a script that is gone: nobody would end it.
process.once('disconnect', stop)
