import { spawn, spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './project.mjs'

/** Runs a command to its end with the terminal's output; resolves to its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'], ...options })
    child.on('error', reject)
    child.on('close', code => resolve(code ?? 1))
  })
}

/** Runs a command quietly; returns its exit code and output. */
export function capture(command, args, options = {}) {
  const { status, stdout, stderr, error } = spawnSync(command, args, { cwd: root, encoding: 'utf8', ...options })
  return { code: error ? 127 : status ?? 1, out: stdout ?? '', error: error ? String(error) : stderr ?? '' }
}

/** The path of a package's command. */
export function bin(name) {
  return join(root, 'node_modules', '.bin', name)
}

/** Asks `probe` again until it answers true or the time is up. */
export async function until(probe, timeoutMs, everyMs = 50) {
  const end = Date.now() + timeoutMs
  while (Date.now() < end) {
    if (await probe()) return true
    await new Promise(resolve => setTimeout(resolve, everyMs))
  }
  return false
}
