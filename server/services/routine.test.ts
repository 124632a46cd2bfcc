import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { buildCircuit, CIRCUIT_WAYS, type PlannedSession, type TrunkItem } from '~~/core/programme'
import type { PrescribedItem, PrescribedSession, SetLogInput } from '~~/shared/types'
import { planningContext } from '~~/shared/planningContext'
import { LADDERS, STANDARD, standsUpTo } from '~~/core/catalogue'
import { addAthlete, getAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import { logSets } from './logSets'
import { laterSetsText } from './routine'
import { screenAthlete } from './screening'
import { athleteToday } from './sessions'
import { FLAG_IDS, type Answers, type FlagId } from '~~/core/screening'
import { anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek } from './weeks'

const MONDAY = '2026-03-02'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

const [ELBOWS, HANDS] = ['front-plank.elbows', 'front-plank.hands']
const strong = { stands: LADDERS.flatMap(ladder => standsUpTo(ladder, ladder.rungs.length)) }
const day: PlannedSession = { id: 'd2', day: 2, minutes: 30, lifts: [], items: [] }
/** An athlete with a guided half hour of fighter's rounds today. */
async function guided(): Promise<{ id: string, session: PrescribedSession }> {
  const id = await makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete(strong))).id)
  const athlete = await getAthlete(coach, id)
  const context = planningContext(athlete, MONDAY, [], STANDARD)
  const { circuit, items } = buildCircuit(day, { id: 'c', ...CIRCUIT_WAYS.fighter.wish }, 22, context)!
  const stations = items.filter(item => !item.between).slice(1)
  const choice: TrunkItem = {
    ...items[0]!, id: 'choice', variationId: ELBOWS, setting: {}, dose: { ...items[0]!.dose, amount: 45 },
    rounds: [2, 3].map(() => ({ variationId: HANDS, fallbackId: ELBOWS })),
  }
  const session = {
    ...day, circuits: [circuit], warmUpMinutes: 5, coolDownMinutes: 3,
    items: [choice, ...stations, ...items.filter(item => item.between)],
  }
  const { version } = await storeWeek(coach, id, MONDAY, 0, { sessions: [session] })
  await assignWeek(coach, id, MONDAY, version)
  return { id, session: await today(id) }
}
const today = async (id: string): Promise<PrescribedSession> => (await athleteToday(coach, id)).session!
const yes = (...flags: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
const withOptions = ({ items }: PrescribedSession): PrescribedItem =>
  items.find(item => (item.options ?? []).some(options => options.length > 1))!
const logOf = (item: PrescribedItem, over: Partial<SetLogInput> = {}): SetLogInput => ({
  id: randomUUID(), prescribedItemId: item.id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, setNumber: 2,
  side: item.sides === 'each' ? 'left' : null, amount: item.dose.amount, breakPoint: 'none', setting: {}, feltAt: [],
  effort: null, painAt: null, note: '', ...over,
})

describe('a session by the clock', () => {
  it('is frozen with its circuit, its stations, and warm-up and cool-down of as many minutes as planned', async () => {
    const { session } = await guided()
    expect(session.circuits).toMatchObject([{ rounds: 3, workS: 45, restS: 0, roundRestS: 60 }])
    expect(session.items.filter(item => item.circuit === 'c' && !item.between)).toHaveLength(4)
    expect(session.items.filter(item => item.between).map(item => item.dose.sets)).toEqual([2])
    const seconds = (lines: PrescribedSession['warmUp'] = []): number =>
      lines.reduce((sum, one) => sum + one.seconds, 0)
    expect([seconds(session.warmUp), seconds(session.coolDown)]).toEqual([300, 180])
  })

  it('leaves a choice in later sets; what may not be trained any more is none, nor is it in the warm-up', async () => {
    const { id, session } = await guided()
    const item = withOptions(session)
    const [first, second] = item.options!
    expect(first).toEqual([{ variationId: item.variationId, name: item.name }])
    expect(second!.map(one => one.variationId)).toEqual([HANDS, ELBOWS])
    expect(item.notes!.join()).toContain(`Set 2 to 3: ${second![0]!.name}; if it does not go, ${item.name}.`)
    const { version } = await getAthlete(coach, id)
    await screenAthlete(coach, id, version, yes('wrist'))
    const hurt = await today(id)
    expect(hurt.items[0]!.options!.map(options => options.map(one => one.variationId))).toEqual([
      [ELBOWS], [ELBOWS], [ELBOWS],
    ])
    expect(hurt.items[0]!.notes ?? []).toEqual([])
    expect(hurt.warmUp!.reduce((sum, one) => sum + one.seconds, 0)).toBeCloseTo(300, -1)
  })

  it('stores the option that was taken, puts another right, and refuses what is none', async () => {
    const { id, session } = await guided()
    const item = withOptions(session)
    const [harder, easier] = item.options![1]!
    const log = logOf(item, { variationId: easier!.variationId })
    await logSets(coach, [log])
    const stored = async (): Promise<string[]> => (await athleteToday(coach, id)).logs.map(one => one.variationId)
    expect(await stored()).toEqual([easier!.variationId])
    await logSets(coach, [{ ...log, id: randomUUID(), corrects: log.id, variationId: harder!.variationId }])
    expect(await stored()).toEqual([harder!.variationId])
    await expect(logSets(coach, [logOf(item, { setNumber: 3, variationId: 'levers.full' })])).rejects.toMatchObject({
      code: 'badInput', fields: { 'logs.0.variationId': 'This drill is no option of this set.' },
    })
  })
})

describe('later sets in words', () => {
  const at = (...names: string[]) => names.map(name => ({ variationId: name, name }))

  it('are said once for all that are alike', () => {
    expect(laterSetsText([at('A'), at('A'), at('B', 'A'), at('B', 'A'), at('C')])).toEqual([
      'Set 3 to 4: B; if it does not go, A.', 'Set 5: C.',
    ])
  })
})
