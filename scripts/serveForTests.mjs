// The built server on a fresh database of the test cluster, for the browser tests.
import { spawn } from 'node:child_process'
import { serverEntry } from './lib/build.mjs'
import { startCalendars } from './lib/calendars.mjs'
import { ensureDatabase } from './lib/database.mjs'
import { startInstruments } from './lib/instruments.mjs'
import { startOutbox } from './lib/outbox.mjs'
import { startPlanners } from './lib/planners.mjs'
import { ensurePostgres } from './lib/postgres.mjs'

const port = Number(process.env.TEST_PORT)
const cluster = await ensurePostgres({ name: 'postgres-test', durable: false })
const outbox = await startOutbox({ keep: false, httpPort: port + 1 })
const instruments = await startInstruments({ from: port + 10 })
const calendars = await startCalendars({ from: port + 20 })

/** A server with planners of its own on a fresh database. */
async function serve(name, at, env, count) {
  const database = {
    DATABASE_URL: await ensureDatabase(cluster, name, { fresh: true }), DATABASE_APP_PASSWORD: cluster.appPassword,
    SESSION_PASSWORD: 'only-for-the-browser-tests-of-this-run', LOG_LEVEL: 'error',
  }
  const child = spawn(process.execPath, [serverEntry], {
    stdio: 'inherit',
    env: {
      ...process.env, ...outbox.env, ...instruments.env, ...calendars.env, ...database,
      PUBLIC_URL: `http://127.0.0.1:${at}`, HOST: '127.0.0.1', PORT: String(at), NODE_ENV: 'production', ...env,
    },
  })
  return { child, planners: startPlanners(database, { count }) }
}

const demo = await serve('browser_tests', port, { LOAD_DEMO: '1' }, 2)
// Nobody is there yet: for the journey of whoever begins. Under a name, as passkeys want it.
const empty = await serve('browser_empty', port + 40, {
  LOAD_DEMO: '0', FOUNDING_CODE: 'FOUND-IN-THE-TESTS', PUBLIC_URL: `http://localhost:${port + 40}`,
}, 1)
const servers = [demo, empty]
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => servers.forEach(({ child }) => child.kill(signal)))
demo.child.on('exit', async (code) => {
  empty.child.kill()
  for (const { planners } of servers) await planners.stop()
  await outbox.stop()
  await instruments.stop()
  await calendars.stop()
  if (cluster.owned) cluster.stop()
  process.exit(code ?? 0)
})
