import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fingerprint, giveUp, root, say } from './project.mjs'
import { bin, run } from './run.mjs'

const SOURCES = [
  'app', 'core', 'shared', 'server', 'demo', 'public', 'nuxt.config.ts', 'tsconfig.json', 'package.json',
  'package-lock.json',
]
const stamp = join(root, '.output', '.keen-anchor')

/** The built server. */
export const serverEntry = join(root, '.output', 'server', 'index.mjs')

/** Builds the application when its sources are not the built ones. */
export async function ensureBuild() {
  const wanted = fingerprint(SOURCES)
  if (existsSync(serverEntry) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Building …')
  const code = await run(bin('nuxt'), ['build', '--logLevel', 'silent'], {
    env: { ...process.env, NODE_ENV: 'production', NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (code !== 0) giveUp('The build failed. The lines above say why.')
  writeFileSync(stamp, wanted)
}
