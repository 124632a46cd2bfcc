import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

/** The project's folder. */
export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))))
/** Everything the running product keeps: clusters, secrets, logs, process ids. */
export const dataDir = join(root, '.data')
export const isRoot = process.getuid?.() === 0

export function inData(...parts) {
  mkdirSync(dataDir, { recursive: true })
  return join(dataDir, ...parts)
}

export function readJson(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null
}

export function writeJson(file, value, mode = 0o644) {
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, `${JSON.stringify(value, null, 2)}\n`, { mode })
}

/** One hash over files and folders, so that unchanged work is not done again. */
export function fingerprint(paths) {
  const hash = createHash('sha256')
  const add = (path) => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name))
      return
    }
    hash.update(relative(root, path)).update('\0').update(readFileSync(path)).update('\0')
  }
  paths.forEach(path => add(join(root, path)))
  return hash.digest('hex')
}

/** A line for the person at the terminal. */
export function say(text) {
  process.stdout.write(`${text}\n`)
}

/** Ends the command with a message and no stack trace. */
export function giveUp(text) {
  process.stderr.write(`\n${text}\n`)
  process.exit(1)
}
