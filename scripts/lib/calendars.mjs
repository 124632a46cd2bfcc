import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { answers, freePort } from './ports.mjs'
import { endProcess } from './processes.mjs'
import { root } from './project.mjs'
import { until } from './run.mjs'

/**
 * Starts the simulated federation's calendars on loopback, unless the hosts of real ones are configured. `env` tells
 * the application server which host it may read calendars from.
 */
export async function startCalendars({ from = 7090 } = {}) {
  if (process.env.CALENDAR_HOSTS !== undefined) return { env: {}, url: null, stop: async () => {} }
  const port = await freePort(from)
  const child = spawn(process.execPath, [join(root, 'simulators', 'calendar.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'], detached: true, env: { ...process.env, PORT: String(port) },
  })
  await until(() => answers(port), 15_000)
  return {
    env: { CALENDAR_HOSTS: `127.0.0.1:${port}` },
    url: `http://127.0.0.1:${port}/competitions.ics`,
    stop: () => endProcess(child.pid, 3000),
  }
}
