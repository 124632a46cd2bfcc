// The built server on a fresh database of the test cluster, for the browser tests.
import { spawn } from 'node:child_process'
import { serverEntry } from './lib/build.mjs'
import { startCalendars } from './lib/calendars.mjs'
import { ensureDatabase } from './lib/database.mjs'
import { startInstruments } from './lib/instruments.mjs'
import { startOutbox } from './lib/outbox.mjs'
import { startPlanners } from './lib/planners.mjs'
import { ensurePostgres } from './lib/postgres.mjs'

const cluster = await ensurePostgres({ name: 'postgres-test', durable: false })
const url = await ensureDatabase(cluster, 'browser_tests', { fresh: true })
const outbox = await startOutbox({ keep: false, httpPort: Number(process.env.TEST_PORT) + 1 })
const instruments = await startInstruments({ from: Number(process.env.TEST_PORT) + 10 })
const calendars = await startCalendars({ from: Number(process.env.TEST_PORT) + 20 })
const database = {
  DATABASE_URL: url, DATABASE_APP_PASSWORD: cluster.appPassword,
  SESSION_PASSWORD: 'only-for-the-browser-tests-of-this-run', LOG_LEVEL: 'error',
}
const child = spawn(process.execPath, [serverEntry], {
  stdio: 'inherit',
  env: {
    ...process.env, ...outbox.env, ...instruments.env, ...calendars.env, ...database,
    PUBLIC_URL: `http://127.0.0.1:${process.env.TEST_PORT}`,
    HOST: '127.0.0.1', PORT: process.env.TEST_PORT, NODE_ENV: 'production', LOAD_DEMO: '1',
  },
})
const planners = startPlanners(database)
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
child.on('exit', async (code) => {
  await planners.stop()
  await outbox.stop()
  await instruments.stop()
  await calendars.stop()
  if (cluster.owned) cluster.stop()
  process.exit(code ?? 0)
})
