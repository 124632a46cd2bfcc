import { spawn } from 'node:child_process'
import { openSync } from 'node:fs'
import { ensureBuild, serverEntry } from './build.mjs'
import { ensureDatabase } from './database.mjs'
import { startOutbox } from './outbox.mjs'
import { ensurePackages } from './packages.mjs'
import { freePort } from './ports.mjs'
import { ensurePostgres } from './postgres.mjs'
import { endProcess } from './processes.mjs'
import { inData } from './project.mjs'
import { bin, run, until } from './run.mjs'
import { isReady } from './server.mjs'

/** A wall against hanging: a busy machine takes more than a minute to invent the demo. */
const READY_WITHIN_MS = 240_000

/** Runs a hardening run against the built server on a fresh demo database of its own; resolves to its exit code. */
export async function runHardening(
  name, { durable = false, poolMax = 10, cluster: clusterName = 'postgres-test' } = {},
) {
  await ensurePackages()
  await ensureBuild()
  const cluster = await ensurePostgres({ name: clusterName, durable })
  const url = await ensureDatabase(cluster, `hardening_${name}`, { fresh: true })
  const outbox = await startOutbox({ keep: false })
  const port = await freePort(4510)
  const logFile = inData(`hardening-${name}.log`)
  const log = openSync(logFile, 'w')
  const env = {
    ...process.env, ...outbox.env, HOST: '127.0.0.1', PORT: String(port),
    PUBLIC_URL: `http://127.0.0.1:${port}`,
    NODE_ENV: 'production', LOAD_DEMO: '1', LOG_LEVEL: 'warn', DATABASE_URL: url,
    DATABASE_APP_PASSWORD: cluster.appPassword, POOL_MAX: String(poolMax),
    SESSION_PASSWORD: 'only-for-this-hardening-run-and-no-other',
  }
  const start = () => spawn(process.execPath, [serverEntry], { stdio: ['ignore', log, log], env })
  const server = name.toLowerCase().endsWith('faults') ? null : start()
  let code = 1
  const isUp = !server || await until(() => isReady(port), READY_WITHIN_MS)
  if (!isUp) console.error(`The server was not ready within ${READY_WITHIN_MS / 1000} s; its log: ${logFile}`)
  if (isUp) {
    code = await run(
      bin('tsx'),
      ['--tsconfig', 'hardening/tsconfig.json', `hardening/${name}.ts`, ...process.argv.slice(2)],
      {
        env: {
          ...env,
          HARDENING_URL: `http://127.0.0.1:${port}`,
          HARDENING_SERVER: serverEntry, HARDENING_CLUSTER: clusterName, HARDENING_LOG: logFile,
        },
      },
    )
  }
  if (server) await endProcess(server.pid)
  await outbox.stop()
  if (cluster.owned) cluster.stop()
  return code
}
