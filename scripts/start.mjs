// npm start: from whatever is there to a running product. Does only what has not been done.
import { ensureBuild } from './lib/build.mjs'
import { startCalendars } from './lib/calendars.mjs'
import { serverEnvironment } from './lib/database.mjs'
import { founding } from './lib/founding.mjs'
import { startInstruments } from './lib/instruments.mjs'
import { startOutbox } from './lib/outbox.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { startPlanners } from './lib/planners.mjs'
import { giveUp, say } from './lib/project.mjs'
import { logFile, runningServer, startServer } from './lib/server.mjs'

const startedAt = Date.now()
const already = runningServer()
if (already) {
  say(`Keen Anchor already runs at http://127.0.0.1:${already.port} (npm run stop ends it).`)
  process.exit(0)
}

let stopping = null
let server = null
let database = null
let outbox = null
let instruments = null
let planners = null
let calendars = null

async function stop(code) {
  stopping ??= (async () => {
    say('\nStopping …')
    await planners?.stop()
    await server?.stop()
    await outbox?.stop()
    await instruments?.stop()
    await calendars?.stop()
    await database?.release()
    process.exit(code)
  })()
  return stopping
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0))

await ensurePackages()
await ensureBuild()
if (!stopping) database = await serverEnvironment()
try {
  if (!stopping) outbox = await startOutbox()
  if (!stopping) instruments = await startInstruments()
  if (!stopping) calendars = await startCalendars()
  if (!stopping)
    server = await startServer({
      ...database.env, ...outbox.env, ...instruments.env, ...calendars.env, ...founding.env,
    })
  if (!stopping) planners = startPlanners(database.env)
}
catch (error) {
  await outbox?.stop()
  await instruments?.stop()
  await calendars?.stop()
  await database.release()
  giveUp(error.message)
}
if (stopping) await stopping

say(`
Keen Anchor is ready: http://127.0.0.1:${server.port}   (${((Date.now() - startedAt) / 1000).toFixed(1)} s)

${await founding.said(server.port, database.url)}
${outbox.url ? `Mail goes to a simulated outbox: ${outbox.url}\n` : ''}${
  calendars.url ? `A simulated federation has its calendar at: ${calendars.url}\n` : ''
}Ctrl-C stops it. Log: ${logFile()}`)

const code = await server.exited
if (!stopping) {
  say(`The server ended by itself (code ${code}). Log: ${logFile()}`)
  await stop(1)
}
