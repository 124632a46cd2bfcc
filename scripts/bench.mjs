// npm run bench: ratios measured side by side in one run, on a durable database of its own. Only some of it:
// npm run bench -- phone sets
import { spawn } from 'node:child_process'
import { ensureChromium } from './lib/chromium.mjs'
import { ensureBuild, serverEntry } from './lib/build.mjs'
import { ensureDatabase } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { freePort } from './lib/ports.mjs'
import { ensurePostgres } from './lib/postgres.mjs'
import { endProcess } from './lib/processes.mjs'
import { giveUp } from './lib/project.mjs'
import { bin, run, until } from './lib/run.mjs'
import { isReady } from './lib/server.mjs'

await ensurePackages()
await ensureBuild()
await ensureChromium()
const cluster = await ensurePostgres()
const url = await ensureDatabase(cluster, 'bench', { fresh: true })
const port = await freePort(4410)
const server = spawn(process.execPath, [serverEntry], {
  stdio: 'ignore',
  env: {
    ...process.env, HOST: '127.0.0.1', PORT: String(port), NODE_ENV: 'production', LOAD_DEMO: '1', DATABASE_URL: url,
    DATABASE_APP_PASSWORD: cluster.appPassword, SESSION_PASSWORD: 'only-for-the-measurements-of-this-run',
  },
})
let code = 1
if (await until(() => isReady(port), 240_000)) {
  const appUrl = new URL(url)
  appUrl.username = 'keen_anchor_app'
  appUrl.password = cluster.appPassword
  code = await run(bin('tsx'), ['--tsconfig', 'bench/tsconfig.json', 'bench/index.ts', ...process.argv.slice(2)], {
    env: { ...process.env, BENCH_URL: `http://127.0.0.1:${port}`, BENCH_DATABASE_URL: appUrl.toString() },
  })
}
await endProcess(server.pid)
if (cluster.owned) cluster.stop()
if (code !== 0) giveUp('The measurements did not finish.')
