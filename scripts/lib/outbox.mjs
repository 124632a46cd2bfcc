import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { answers, freePort } from './ports.mjs'
import { endProcess } from './processes.mjs'
import { inData, root } from './project.mjs'
import { until } from './run.mjs'

/**
 * Starts the simulated outbox on loopback, unless a mail server is configured.
 * `env` is what the application server needs to send there; `url` where the mails can be read.
 */
export async function startOutbox({ name = 'outbox', keep = true, httpPort = null } = {}) {
  if (process.env.SMTP_URL && keep) return { env: {}, url: null, stop: async () => {} }
  const smtpPort = await freePort(2525)
  const port = httpPort ?? await freePort(8025)
  const child = spawn(process.execPath, [join(root, 'simulators', 'outbox.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'], detached: true,
    env: {
      ...process.env, SMTP_PORT: String(smtpPort), HTTP_PORT: String(port),
      ...(keep ? { OUTBOX_FILE: inData(`${name}.jsonl`) } : {}),
    },
  })
  await until(async () => await answers(smtpPort) && await answers(port), 15_000)
  return {
    env: { SMTP_URL: `smtp://127.0.0.1:${smtpPort}` },
    url: `http://127.0.0.1:${port}`,
    stop: () => endProcess(child.pid, 3000),
  }
}
