import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { addPerson, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { coachDay } from './coachDay'
import type { Context } from './context'
import { floorDay } from './floor'
import { logSets } from './logSets'
import { roster } from './roster'
import { allSeasons } from './seasons'
import { athleteToday } from './sessions'
import { squadTrials } from './trials'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let coach: Context
const ids: string[] = []
async function fill(athletes: number): Promise<void> {
  for (let i = 0; i < athletes; i++) {
    const one = nobody()
    await fillAthlete(head, head.groupId, one)
    ids.push(one.id)
  }
}
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  coach = (await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [head.groupId] })).context
  await giveSeason(head, head.groupId)
  await fill(1)
})
afterAll(() => base.drop())

/** Statements that some work sends, those that begin and end its transactions too. */
async function statements(db: Knex, work: () => Promise<unknown>): Promise<number> {
  let sent = 0
  const count = (): void => { sent += 1 }
  db.on('query', count)
  try {
    await work()
    return sent
  }
  finally {
    db.off('query', count)
  }
}

const READS: readonly [name: string, most: number, read: () => Promise<unknown>][] = [
  ['the roster', 13, () => roster(coach)],
  ['the day', 18, () => coachDay(coach)],
  ['the seasons', 13, () => allSeasons(coach)],
  ['the floor of a squad', 18, () => floorDay(coach, head.groupId)],
  ['trials of everybody in sight', 10, () => squadTrials(coach)],
]

it('a page asks as many questions for a few athletes as for one', async () => {
  // A machine that is busy keeps what took it long: here nothing takes any time.
  vi.useFakeTimers({ toFake: ['Date'], now: new Date(`${TODAY}T12:00:00Z`) })
  const one = new Map<string, number>()
  for (const [name, , read] of READS) {
    await read()
    one.set(name, await statements(base.db, read))
  }
  await fill(3)
  for (const [name, most, read] of READS) {
    const now = await statements(base.db, read)
    expect([name, now]).toEqual([name, one.get(name)])
    expect([name, now <= most || now]).toEqual([name, true])
  }
  vi.useRealTimers()
})

describe('sets', () => {
  const aSet = (prescribedItemId: string, setNumber: number) => ({
    id: randomUUID(), prescribedItemId, day: TODAY, performedAt: `${TODAY}T11:00:00.000Z`, setNumber,
    side: 'left' as const, amount: 8, breakPoint: 'none' as const, setting: {}, feltAt: [], effort: null, painAt: null,
    note: '',
  })

  it('are stored by as many statements as one is', async () => {
    const itemId = (await athleteToday(coach, ids[0]!)).session!.items[0]!.id
    const store = (sets: readonly ReturnType<typeof aSet>[]) =>
      statements(base.db, () => logSets({ ...coach, write: { id: randomUUID(), fingerprint: 'x' } }, sets))
    const one = await store([aSet(itemId, 2)])
    expect(one).toBeLessThanOrEqual(9)
    expect(await store(Array.from({ length: 20 }, (_, i) => aSet(itemId, 3 + i)))).toBe(one)
  })
})
