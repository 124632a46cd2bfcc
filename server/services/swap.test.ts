import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { kindOf, LADDERS, STANDARD, standsUpTo } from '~~/core/catalogue'
import type { PlannedSession, TrunkItem } from '~~/core/programme'
import { FLAG_IDS, mayTrain, type Answers } from '~~/core/screening'
import type { PrescribedSession, SetLogInput } from '~~/shared/types'
import { addAthlete, getAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import { healthTruth } from './healthTruth'
import { history } from './history'
import { inOrganisation } from '../database/connection'
import { logSets } from './logSets'
import { theRecord } from './theRecord'
import { screenAthlete } from './screening'
import { athleteToday } from './sessions'
import { swapDrill, swapsFor } from './swap'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek } from './weeks'

const MONDAY = '2026-03-02'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

const strong = { stands: LADDERS.flatMap(ladder => standsUpTo(ladder, ladder.rungs.length)) }
const plank: TrunkItem = {
  id: 'i1', variationId: 'front-plank.hands', dose: { sets: 2, amount: 20, unit: 'seconds', restS: 30 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
}
const wednesday: PlannedSession = {
  id: 'd2', day: 2, minutes: 60, lifts: [], items: [plank, { ...plank, id: 'i2', variationId: 'side-plank.feet' }],
}
const today = async (id: string): Promise<PrescribedSession> => (await athleteToday(coach, id)).session!
async function assigned(): Promise<{ id: string, session: PrescribedSession }> {
  const id = await makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete(strong))).id)
  const { version } = await storeWeek(coach, id, MONDAY, 0, { sessions: [wednesday] })
  await assignWeek(coach, id, MONDAY, version)
  return { id, session: await today(id) }
}
const names = ({ items }: PrescribedSession): string[] => items.map(item => item.variationId)

describe('another drill for the day', () => {
  it('is of the same kind, may be trained, and stands where the first stood', async () => {
    const { id, session } = await assigned()
    const [first] = session.items
    const swaps = await swapsFor(coach, session.id, first!.id)
    expect(swaps.length).toBeGreaterThan(0)
    const truth = await inOrganisation(base.db, coach.actor, tx => healthTruth(tx, coach, id))
    for (const { variationId, dose } of swaps) {
      expect(kindOf(STANDARD.find(variationId)!)).toBe('work')
      expect(mayTrain({ variationId, dose, breath: 'calm' }, truth.on(TODAY)).stops).toEqual([])
      expect(names(session)).not.toContain(variationId)
    }
    const run = await swapDrill(coach, session.id, first!.id, swaps[0]!.variationId)
    expect(names(run.session!)).toEqual([swaps[0]!.variationId, 'side-plank.feet'])
    expect(await today(id)).toMatchObject({ items: [{ why: `Taken for ${first!.name.toLowerCase()}.` }, {}] })
    const { prescribed } = await history(coach, id, MONDAY, '2026-03-08')
    expect(prescribed.map(one => one.variationId).sort()).toEqual([swaps[0]!.variationId, 'side-plank.feet'].sort())
    const entries = await theRecord(coach, { athleteId: id })
    expect(JSON.stringify(entries)).toContain('item.swap')
  })

  it('is taken back, or for a third one; never for what may not be done in its place', async () => {
    const { id, session } = await assigned()
    const [first] = session.items
    const [one, other] = await swapsFor(coach, session.id, first!.id)
    await swapDrill(coach, session.id, first!.id, one!.variationId)
    const taken = (await today(id)).items[0]!
    expect((await swapsFor(coach, session.id, taken.id))[0]).toMatchObject({ variationId: first!.variationId })
    await swapDrill(coach, session.id, taken.id, other!.variationId)
    expect(names(await today(id))).toEqual([other!.variationId, 'side-plank.feet'])
    await swapDrill(coach, session.id, first!.id, first!.variationId)
    expect((await today(id)).items[0]).toMatchObject({ id: first!.id })
    const never = swapDrill(coach, session.id, first!.id, 'rollout.standing')
    await expect(never).rejects.toMatchObject({ code: 'notFound' })
    await expect(swapsFor(stranger, session.id, first!.id)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('stays where the coach assigns again and the drill is the same; of two devices one has its way', async () => {
    const { id, session } = await assigned()
    const [first] = session.items
    const [one, other] = await swapsFor(coach, session.id, first!.id)
    await Promise.all([one, other].map(choice => swapDrill(coach, session.id, first!.id, choice!.variationId)))
    const items = (await today(id)).items
    expect(items).toHaveLength(2)
    expect([one!.variationId, other!.variationId]).toContain(items[0]!.variationId)
    const longer = { ...wednesday, items: [plank, { ...wednesday.items[1]!, dose: { ...plank.dose, amount: 25 } }] }
    const { version } = await storeWeek(coach, id, MONDAY, 1, { sessions: [longer] })
    await assignWeek(coach, id, MONDAY, version)
    expect((await today(id)).items).toMatchObject([{ variationId: items[0]!.variationId }, { dose: { amount: 25 } }])
  })

  it('is not taken once a set is logged; one that is stopped meanwhile has no swaps but a stand-in', async () => {
    const { id, session } = await assigned()
    const [first, second] = session.items
    const log: SetLogInput = {
      id: randomUUID(), prescribedItemId: second!.id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, setNumber: 1,
      side: 'left', amount: 8, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
    }
    await logSets(coach, [log])
    expect(await swapsFor(coach, session.id, second!.id)).toEqual([])
    const late = swapDrill(coach, session.id, second!.id, 'front-plank.elbows')
    await expect(late).rejects.toMatchObject({ code: 'changedElsewhere', message: expect.stringContaining('logged') })
    const answers = Object.fromEntries(FLAG_IDS.map(flag => [flag, flag === 'wrist'])) as Answers
    await screenAthlete(coach, id, (await getAthlete(coach, id)).version, answers)
    expect(await swapsFor(coach, session.id, first!.id)).toEqual([])
  })
})
