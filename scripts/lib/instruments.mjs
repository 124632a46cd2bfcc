import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { answers, freePort } from './ports.mjs'
import { endProcess } from './processes.mjs'
import { root } from './project.mjs'
import { until } from './run.mjs'

const KINDS = ['gauge', 'cuff', 'button']

/**
 * Starts the simulated instruments on loopback, one process each, unless real ones are configured. `env` tells the
 * application server where they are.
 */
export async function startInstruments({ from = 7071 } = {}) {
  if (process.env.INSTRUMENTS !== undefined) return { env: {}, stop: async () => {} }
  const started = []
  let next = from
  for (const kind of KINDS) {
    const port = await freePort(next)
    next = port + 1
    const child = spawn(process.execPath, [join(root, 'simulators', 'instrument.mjs'), kind], {
      stdio: ['ignore', 'ignore', 'inherit'], detached: true, env: { ...process.env, PORT: String(port) },
    })
    started.push({ kind, port, pid: child.pid })
  }
  await until(async () => (await Promise.all(started.map(({ port }) => answers(port)))).every(Boolean), 15_000)
  return {
    env: { INSTRUMENTS: started.map(({ kind, port }) => `${kind}-1=127.0.0.1:${port}`).join(',') },
    stop: async () => { for (const { pid } of started) await endProcess(pid, 3000) },
  }
}
