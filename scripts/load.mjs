// npm run load -- --athletes N --weeks W --people M --minutes T --servers S: a large organisation on a busy evening.
// With --pooler the servers reach the database through PgBouncer, by the transaction.
import { spawn } from 'node:child_process'
import { mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureBuild, serverEntry } from './lib/build.mjs'
import { ensureDatabase, execute } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { freePort } from './lib/ports.mjs'
import { startPooler } from './lib/pooler.mjs'
import { ensurePostgres } from './lib/postgres.mjs'
import { endProcess } from './lib/processes.mjs'
import { giveUp } from './lib/project.mjs'
import { bin, run, until } from './lib/run.mjs'
import { isReady } from './lib/server.mjs'

const at = process.argv.indexOf('--servers')
const count = at < 0 ? 1 : Number(process.argv[at + 1])
const password = 'only-for-the-load-of-this-very-run-and-no-other'

await ensurePackages()
await ensureBuild()
const cluster = await ensurePostgres()
const url = await ensureDatabase(cluster, 'load', { fresh: true })
const logs = mkdtempSync(join(tmpdir(), 'keen-anchor-load-'))
const user = 'keen_anchor_app'
const direct = Object.assign(new URL(url), { username: user, password: cluster.appPassword }).toString()
/** The role is whoever administers the pooler's: it is there before the first server. */
async function behindPooler() {
  await execute(cluster.url('postgres'), `do $$ begin create role ${user} login; exception when duplicate_object then
    null; end $$`)
  await execute(cluster.url('postgres'), `alter role ${user} password '${cluster.appPassword}'`)
  return startPooler(url, { user, password: cluster.appPassword })
}
const pooler = process.argv.includes('--pooler') ? await behindPooler() : null
const servers = []
for (let i = 0; i < count; i++) {
  const port = await freePort(4710 + i)
  const log = join(logs, `${port}.log`)
  const child = spawn(process.execPath, [serverEntry], {
    stdio: ['ignore', openSync(log, 'w'), 'ignore'],
    env: {
      ...process.env, HOST: '127.0.0.1', PORT: String(port), PUBLIC_URL: `http://127.0.0.1:${port}`,
      NODE_ENV: 'production', LOAD_DEMO: '1', DATABASE_URL: url, SESSION_PASSWORD: password,
      ...pooler
        ? { DATABASE_APP_URL: pooler.url, DATABASE_LISTEN_URL: direct, POOLER: '1' }
        : { DATABASE_APP_PASSWORD: cluster.appPassword },
    },
  })
  servers.push({ port, pid: child.pid, log })
  if (!await until(() => isReady(port), 240_000)) giveUp('A server did not become ready.')
}
const code = await run(bin('tsx'), [
  '--tsconfig', 'bench/tsconfig.json', 'bench/load/index.ts', ...process.argv.slice(2),
], {
  env: {
    ...process.env, LOAD_BASES: servers.map(({ port }) => `http://127.0.0.1:${port}`).join(' '),
    LOAD_DATABASE_URL: url, LOAD_PASSWORD: password,
  },
})
for (const { port, pid, log } of servers) {
  const resident = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]
  console.log(`the server at ${port} holds ${Math.round(Number(resident) / 1024)} MB`)
  await endProcess(pid)
  const last = readFileSync(log, 'utf8').split('\n').findLast(line => line.includes('asked of the database'))
  const { statements, connections, waited, longestWaitMs } = JSON.parse(last ?? '{}')
  console.log(`  and asked ${statements} statements on ${connections} connections; ${waited} were waited for, `
    + `the longest ${longestWaitMs} ms`)
}
await pooler?.stop()
rmSync(logs, { recursive: true, force: true })
if (cluster.owned) cluster.stop()
if (code !== 0) giveUp('The load did not finish.')
