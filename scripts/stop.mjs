// npm run stop: ends what an earlier start left running in this checkout.
import { stopPostgres } from './lib/postgres.mjs'
import { endProcess } from './lib/processes.mjs'
import { say } from './lib/project.mjs'
import { runningServer } from './lib/server.mjs'

const server = runningServer()
if (server) await endProcess(server.pid, 35_000)
const clusters = ['postgres', 'postgres-test'].filter(name => stopPostgres(name))
say(server || clusters.length > 0 ? 'Stopped.' : 'Nothing was running.')
