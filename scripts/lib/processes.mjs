import { readFileSync, readlinkSync } from 'node:fs'
import { until } from './run.mjs'

/** The command line of a live process, or null. A zombie has none. */
export function commandOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0').filter(Boolean).join(' ') || null
  }
  catch {
    return null
  }
}

/** The working folder of a live process, or null. */
export function folderOf(pid) {
  try {
    return readlinkSync(`/proc/${pid}/cwd`)
  }
  catch {
    return null
  }
}

/** Asks a process to end and waits for it; kills it when it does not. */
export async function endProcess(pid, timeoutMs = 15_000) {
  const signal = (name) => {
    try {
      process.kill(pid, name)
    }
    catch (error) {
      if (error.code !== 'ESRCH') throw error
    }
  }
  signal('SIGTERM')
  if (!await until(() => commandOf(pid) === null, timeoutMs)) signal('SIGKILL')
}
