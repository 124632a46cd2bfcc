import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fingerprint, giveUp, root, say } from './project.mjs'
import { bin, run } from './run.mjs'

/** What no build depends on; whatever else stands in the folder may change what is built. */
const NOT_BUILT = [
  '.ci', '.data', '.git', '.nuxt', '.output', 'bench', 'coverage', 'docs', 'e2e', 'engine', 'node_modules',
  'playwright-report', 'scripts', 'simulators', 'test-results', 'hardening', 'CHANGELOG.md', 'README.md',
  '.dependency-cruiser.cjs', '.gitignore', 'eslint.config.mjs', 'knip.json', 'playwright.config.ts',
  'tsconfig.tests.json', 'vitest.config.ts',
]
const stamp = join(root, '.output', '.keen-anchor')

/** The built server. */
export const serverEntry = join(root, '.output', 'server', 'index.mjs')

/** Builds the application when its sources are not the built ones. */
export async function ensureBuild() {
  const wanted = fingerprint(readdirSync(root).filter(name => !NOT_BUILT.includes(name)))
  if (existsSync(serverEntry) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Building …')
  const code = await run(bin('nuxt'), ['build', '--logLevel', 'silent'], {
    env: { ...process.env, NODE_ENV: 'production', NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (code !== 0) giveUp('The build failed. The lines above say why.')
  writeFileSync(stamp, wanted)
}
