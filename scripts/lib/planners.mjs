import { spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { serverEntry } from './build.mjs'
import { root } from './project.mjs'

/** Processes that plan weeks from the queue: one for each core of a small machine. */
const PLANNERS = 2
const AGAIN_MS = 1000

/**
 * Starts the planning processes and starts each anew when it ends: before the database is ready, or killed in its work.
 */
export function startPlanners(env, { count = PLANNERS } = {}) {
  const running = new Set()
  let stopped = false
  const start = () => {
    if (stopped) return
    const child = spawn(process.execPath, [join(dirname(serverEntry), 'planner.mjs')], {
      cwd: root, detached: true, stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      env: { ...process.env, ...env, NODE_ENV: 'production' },
    })
    running.add(child)
    child.once('exit', () => {
      running.delete(child)
      if (!stopped) setTimeout(start, AGAIN_MS)
    })
  }
  for (let i = 0; i < count; i++) start()
  return {
    pids: () => [...running].map(child => child.pid),
    async stop() {
      stopped = true
      const ended = [...running].map(child => new Promise(resolve => child.once('exit', resolve)))
      for (const child of running) child.kill('SIGTERM')
      await Promise.race([Promise.all(ended), new Promise(resolve => setTimeout(resolve, 8000))])
      for (const child of running) child.kill('SIGKILL')
    },
  }
}
