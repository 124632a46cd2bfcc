import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fingerprint, giveUp, root, say } from './project.mjs'
import { run } from './run.mjs'

const stamp = join(root, 'node_modules', '.keen-anchor')

/** Installs the packages of the lock file when they are not the installed ones. */
export async function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Node 20.19 or later is needed; this is ${process.versions.node}.`)
  const wanted = fingerprint(['package.json', 'package-lock.json'])
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Installing packages …')
  const code = await run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error'], {
    env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1', NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (code !== 0) giveUp('The packages could not be installed. The lines above say why.')
  writeFileSync(stamp, wanted)
}
