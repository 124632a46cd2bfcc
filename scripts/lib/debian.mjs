import { existsSync, mkdirSync, writeFileSync } from 'node:fs'
import { giveUp, isRoot, say } from './project.mjs'
import { capture, run } from './run.mjs'

/** Installs Debian packages as root, or says the exact command. */
export async function installDebian(what, packages) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`
  if (!isRoot) giveUp(`${what} is not installed. Run this once, then start again:\n\n  sudo ${command}\n`)
  if (capture('apt-get', ['--version']).code !== 0) {
    giveUp(`${what} is not installed and this is not a Debian system: install it by hand, then start again.`)
  }
  say(`Installing ${what} …`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  await run('apt-get', ['update', '-qq'], { env })
  if (await run('apt-get', command.split(' ').slice(1), { env, stdio: ['ignore', 'ignore', 'inherit'] }) !== 0) {
    giveUp(`${what} could not be installed. Try: ${command}`)
  }
}

/** Keeps Debian from making a cluster of its own when PostgreSQL is installed for our private one. */
export function withoutMachineCluster() {
  const file = '/etc/postgresql-common/createcluster.conf'
  if (existsSync(file)) return
  mkdirSync('/etc/postgresql-common', { recursive: true })
  writeFileSync(file, 'create_main_cluster = false\n')
}
