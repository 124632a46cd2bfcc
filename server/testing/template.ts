import type { TestProject } from 'vitest/node'
// Plain JavaScript: the start scripts run before any package is installed.
import { ensureDatabase, execute } from '../../scripts/lib/database.mjs'
import { ensurePostgres } from '../../scripts/lib/postgres.mjs'
import { migrate } from '../database/migrate'

declare module 'vitest' {
  interface ProvidedContext {
    cluster: { adminUrl: string, appPassword: string, template: string, demo: string }
  }
}

/** Starts the test cluster and migrates one database that every test file copies. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const cluster = await ensurePostgres({ name: 'postgres-test', durable: false })
  const template = 'unit_template'
  const url = await ensureDatabase(cluster, template, { fresh: true })
  await migrate(url, cluster.appPassword, new Date().toISOString().slice(0, 10))
  // Made by the first test that asks for it, by the code as it is now.
  const demo = 'unit_demo'
  await execute(cluster.url('postgres'), `drop database if exists "${demo}" with (force)`)
  project.provide('cluster', { adminUrl: cluster.url('postgres'), appPassword: cluster.appPassword, template, demo })
  return async () => {
    if (cluster.owned) cluster.stop()
  }
}
