// npm run -s engine -- COMMAND: see docs/engine.md. Only the answer goes to standard output.
import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './lib/project.mjs'
import { bin } from './lib/run.mjs'

if (!existsSync(bin('tsx'))) {
  const { status } = spawnSync('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root, stdio: ['ignore', 2, 2],
  })
  if (status !== 0) process.exit(1)
}
const { status } = spawnSync(bin('tsx'), [
  '--tsconfig', join(root, 'engine', 'tsconfig.json'), join(root, 'engine', 'index.ts'), ...process.argv.slice(2),
], { stdio: 'inherit' })
process.exit(status ?? 1)
