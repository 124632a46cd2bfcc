import { spawn } from 'node:child_process'
import { closeSync, openSync, readFileSync, rmSync } from 'node:fs'
import { serverEntry } from './build.mjs'
import { freePort, isFree } from './ports.mjs'
import { commandOf, endProcess, folderOf } from './processes.mjs'
import { inData, readJson, root, say, writeJson } from './project.mjs'
import { until } from './run.mjs'

const record = () => inData('server.json')
export const logFile = () => inData('server.log')

/** The server of this checkout that runs now, or null. */
export function runningServer() {
  const found = readJson(record())
  if (found && commandOf(found.pid)?.includes(serverEntry) && folderOf(found.pid) === root) return found
  rmSync(record(), { force: true })
  return null
}

/** Whether a server says it is ready. */
export async function isReady(port) {
  try {
    return (await fetch(`http://127.0.0.1:${port}/api/ready`)).ok
  }
  catch {
    return false
  }
}

/** Starts the built server and waits until it is ready; rejects with its last words when it dies first. */
export async function startServer(env) {
  const wanted = Number(process.env.PORT ?? 3000)
  if (!await isFree(wanted)) say(`Port ${wanted} is taken: taking the next free one.`)
  const port = await freePort(wanted)
  const log = openSync(logFile(), 'w')
  // A process group of its own: Ctrl-C reaches the start command alone, which then stops things in order.
  const child = spawn(process.execPath, [serverEntry], {
    cwd: root, detached: true, stdio: ['ignore', log, log],
    env: {
      PUBLIC_URL: `http://127.0.0.1:${port}`,
      ...process.env, ...env, HOST: '127.0.0.1', PORT: String(port), NODE_ENV: 'production',
    },
  })
  closeSync(log)
  let ended = false
  const exited = new Promise(resolve => child.once('exit', (code) => { ended = true; resolve(code) }))
  writeJson(record(), { pid: child.pid, port, startedBy: process.pid })
  const ready = await until(async () => ended || await isReady(port), 90_000, 40)
  if (ended || !ready) {
    if (!ended) await endProcess(child.pid)
    rmSync(record(), { force: true })
    throw new Error(`The server did not come up. Its last words:\n${readFileSync(logFile(), 'utf8').slice(-2000)}`)
  }
  return {
    port,
    exited,
    stop: async () => {
      if (!ended) await endProcess(child.pid, 35_000)
      rmSync(record(), { force: true })
    },
  }
}
