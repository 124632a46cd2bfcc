// npm run load -- --athletes N --weeks W --people M --minutes T --servers S: a large organisation on a busy evening.
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { ensureBuild, serverEntry } from './lib/build.mjs'
import { ensureDatabase } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { freePort } from './lib/ports.mjs'
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
const servers = []
for (let i = 0; i < count; i++) {
  const port = await freePort(4710 + i)
  const child = spawn(process.execPath, [serverEntry], {
    stdio: 'ignore',
    env: {
      ...process.env, HOST: '127.0.0.1', PORT: String(port), PUBLIC_URL: `http://127.0.0.1:${port}`,
      NODE_ENV: 'production', LOAD_DEMO: '1', DATABASE_URL: url, DATABASE_APP_PASSWORD: cluster.appPassword,
      SESSION_PASSWORD: password,
    },
  })
  servers.push({ port, pid: child.pid })
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
for (const { port, pid } of servers) {
  const resident = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]
  console.log(`the server at ${port} holds ${Math.round(Number(resident) / 1024)} MB`)
  await endProcess(pid)
}
if (cluster.owned) cluster.stop()
if (code !== 0) giveUp('The load did not finish.')
