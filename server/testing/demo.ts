import { inject } from 'vitest'
import { connect, takeTurn } from '../database/connection'
import type { Context } from '../services/context'
import { loadDemoIfEmpty } from '../services/demo'
import { bareContext, testDatabase } from './database'

const TURN = 7_204_118

/** A copy of one database with the demo: it takes a minute to load, and several files ask for it. */
export async function demoDatabase(): ReturnType<typeof testDatabase> {
  const { adminUrl, demo } = inject('cluster')
  const admin = connect(adminUrl, 1)
  try {
    // Whoever comes first loads it, the others wait.
    await admin.transaction(async (turn) => {
      await takeTurn(turn, TURN)
      const { rowCount } = await turn.raw('select 1 from pg_database where datname = ?', [demo])
      if (rowCount === 0) await makeDemo(adminUrl, demo)
    })
    return await testDatabase(demo)
  }
  finally {
    await admin.destroy()
  }
}

/** The demo's head coach. */
export async function headOf({ db, owner }: Awaited<ReturnType<typeof testDatabase>>): Promise<Context> {
  const { id, organisation_id: organisationId } = await owner('person').where({ role: 'headCoach' })
    .first<{ id: string, organisation_id: string }>('id', 'organisation_id')
  return { ...bareContext(db), actor: { organisationId, personId: id, role: 'headCoach', athleteId: null } }
}

/** Under its name only when it is whole. Two servers start at once: one of them loads it. */
async function makeDemo(adminUrl: string, name: string): Promise<void> {
  const made = await testDatabase()
  const now = new Date('2026-03-04T12:00:00Z')
  // Each has its connection before one of them keeps the processor.
  await Promise.all([1, 2].map(() => made.db.raw('select pg_sleep(0.1)')))
  const loaded = await Promise.all([loadDemoIfEmpty(made.db, now), loadDemoIfEmpty(made.db, now)])
  if (loaded[0] === loaded[1])
    throw new Error(`The demo was loaded by ${loaded[0] ? 'both' : 'neither'} of two servers.`)
  await made.close()
  const admin = connect(adminUrl, 1)
  await admin.raw('alter database ?? rename to ??', [made.name, name])
  await admin.destroy()
}
