// npm run reset-demo: empties the database and loads the demo as of today. Stops a running server first.
import { ensureBuild } from './lib/build.mjs'
import { execute, serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { commandOf, endProcess } from './lib/processes.mjs'
import { giveUp, say } from './lib/project.mjs'
import { until } from './lib/run.mjs'
import { runningServer, startServer } from './lib/server.mjs'

if (process.env.DATABASE_URL && !process.argv.includes('--yes')) {
  giveUp(
    'This deletes everything in the database that DATABASE_URL names. If that is meant: npm run reset-demo -- --yes',
  )
}
await ensurePackages()
await ensureBuild()
const running = runningServer()
if (running) {
  say('Stopping the running server …')
  await endProcess(running.pid, 35_000)
  // The command that started it still stops the database: wait until it has.
  await until(() => !running.startedBy || commandOf(running.startedBy) === null, 40_000)
}
const database = await serverEnvironment()
await execute(database.url, 'drop schema public cascade; create schema public')
const server = await startServer({ ...database.env, LOAD_DEMO: '1' })
await server.stop()
await database.release()
say('The demo is fresh. npm start serves it.')
