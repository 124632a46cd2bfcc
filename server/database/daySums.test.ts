import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { adherenceOf, type Prescribed } from '~~/core/assessment'
import { LADDERS, STANDARD, standsUpTo } from '~~/core/catalogue'
import type { TrunkItem } from '~~/core/programme'
import type { PrescribedSession, SetLogInput } from '~~/shared/types'
import { prescribedBetween } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import { addAthlete } from '../services/athletes'
import { assignWeek } from '../services/assignWeek'
import type { Context } from '../services/context'
import { toPrescribed } from '../services/history'
import { logSets } from '../services/logSets'
import { athleteToday } from '../services/sessions'
import { swapDrill, swapsFor } from '../services/swap'
import { storeWeek } from '../services/weeks'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { demoDatabase, headOf } from '../testing/demo'
import { inOrganisation } from './connection'

const MONDAY = '2026-03-02'
const [FIRST, LAST] = ['2000-01-01', '2100-01-01']

interface Sums { readonly planned: number, readonly met: number, readonly done: number, readonly hurt: number }

/** What an athlete's days come to as they are kept, and as they are counted from sets and drills. */
async function bothOf(context: Context, athleteId: string): Promise<{ kept: Sums, counted: Sums }> {
  const { organisationId } = context.actor
  return inOrganisation(context.db, context.actor, async (tx) => {
    const kept = await tx('day_sum').where({ athlete_id: athleteId }).first<Sums>(
      ...['planned', 'met', 'done', 'hurt'].map(name => tx.raw('coalesce(sum(??), 0)::int as ??', [name, name])),
    )
    const prescribed: Prescribed[] = (await prescribedBetween(tx, organisationId, [athleteId], FIRST, LAST))
      .map(toPrescribed)
    const logs = await logsBetween(tx, organisationId, [athleteId], FIRST, LAST)
    const { plannedSets, doneSets, adherence } = adherenceOf(prescribed, logs, STANDARD)
    return {
      kept: { ...kept },
      counted: {
        planned: plannedSets, met: Math.round((adherence ?? 0) * plannedSets), done: doneSets,
        hurt: logs.filter(log => log.breakPoint === 'pain').length,
      },
    }
  })
}

describe('in the demo', () => {
  let demo: Awaited<ReturnType<typeof testDatabase>>
  beforeAll(async () => { demo = await demoDatabase() }, 400_000)
  afterAll(() => demo.drop())

  it('the days of everybody come to what their drills and sets come to', async () => {
    const head = await headOf(demo)
    const ids = await demo.owner('athlete').pluck<string[]>('id')
    let done = 0
    for (const id of ids) {
      const { kept, counted } = await bothOf(head, id)
      expect([id, kept]).toEqual([id, counted])
      done += kept.done
    }
    expect(done).toBeGreaterThan(1500)
  })
})

describe('after every write', () => {
  let base: Awaited<ReturnType<typeof testDatabase>>
  let coach: Awaited<ReturnType<typeof makeOrganisation>>
  beforeAll(async () => {
    base = await testDatabase()
    coach = await makeOrganisation(base.db)
  })
  afterAll(() => base.drop())

  const plank: TrunkItem = {
    id: 'i1', variationId: 'front-plank.hands', dose: { sets: 2, amount: 20, unit: 'seconds', restS: 30 },
    slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
  }
  const side: TrunkItem = { ...plank, id: 'i2', variationId: 'side-plank.feet', extraSetSide: 'left' }
  const store = (id: string, version: number, day: number, items: readonly TrunkItem[]) =>
    storeWeek(coach, id, MONDAY, version, { sessions: [{ id: 'one', day, minutes: 60, lifts: [], items: [...items] }] })
  const aSet = (prescribedItemId: string, setNumber: number, over: Partial<SetLogInput> = {}): SetLogInput => ({
    id: randomUUID(), prescribedItemId, day: TODAY, performedAt: `${TODAY}T11:00:00.000Z`, setNumber, side: null,
    amount: 8, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '', ...over,
  })
  const stands = LADDERS.flatMap(ladder => standsUpTo(ladder, ladder.rungs.length))
  const aStrongOne = async (): Promise<string> =>
    makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete({ stands }))).id)
  async function expectSums(id: string, sums: Partial<Sums>): Promise<void> {
    const { kept, counted } = await bothOf(coach, id)
    expect(kept).toEqual(counted)
    expect(kept).toMatchObject(sums)
  }
  const today = async (id: string): Promise<PrescribedSession> => (await athleteToday(coach, id)).session!

  it('that plans, moves, swaps, logs, mends or withdraws, the days come to what is there', async () => {
    const id = await aStrongOne()
    const { version } = await store(id, 0, 2, [plank, side])
    await expectSums(id, { planned: 0 })
    await assignWeek(coach, id, MONDAY, version)
    // Two sets, and two of each side with one more of the left.
    await expectSums(id, { planned: 7, met: 0 })
    const session = await today(id)
    const [front] = session.items
    await logSets(coach, [aSet(front!.id, 1), aSet(front!.id, 2, { breakPoint: 'pain', painAt: 'lowBack' })])
    await expectSums(id, { met: 2, done: 2, hurt: 1 })
    await logSets(coach, [aSet(front!.id, 3)])
    await expectSums(id, { met: 2, done: 3 })
    const swaps = await swapsFor(coach, session.id, session.items[1]!.id)
    await swapDrill(coach, session.id, session.items[1]!.id, swaps[0]!.variationId)
    await expectSums(id, { done: 3 })
    // The day before: it counts for the day it was planned for as well.
    const [, swapped] = (await today(id)).items
    const each = swapped!.sides === 'each' ? { side: 'left' as const } : {}
    await logSets(coach, [aSet(swapped!.id, 1, { day: '2026-03-03', ...each })])
    await expectSums(id, { met: 3, done: 4 })
  })

  it('of an assigned week that is moved and then emptied, too', async () => {
    const id = await aStrongOne()
    await assignWeek(coach, id, MONDAY, (await store(id, 0, 2, [plank, side])).version)
    await assignWeek(coach, id, MONDAY, (await store(id, 1, 4, [plank, side])).version)
    await expectSums(id, { planned: 7 })
    const rows = await base.owner('day_sum').where({ athlete_id: id }).orderBy('day')
    expect(rows.map(row => [row.day, row.planned])).toEqual([['2026-03-04', 0], ['2026-03-06', 7]])
    await assignWeek(coach, id, MONDAY, (await store(id, 2, 4, [side])).version)
    await expectSums(id, { planned: 5 })
  })

  it('that two devices make at once', async () => {
    const id = await aStrongOne()
    await assignWeek(coach, id, MONDAY, (await store(id, 0, 2, [plank, side])).version)
    const [front, flank] = (await today(id)).items
    await Promise.all(Array.from({ length: 8 }, (_, i) => logSets(coach, [
      i % 2 === 0 ? aSet(front!.id, 1 + i) : aSet(flank!.id, 1 + i, { side: 'left' }),
    ])))
    await expectSums(id, { done: 8 })
  })
})
