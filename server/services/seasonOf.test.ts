import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { NO_EXCEPTIONS, type SeasonShape } from '~~/core/season'
import type { AthleteInput, SeasonChange } from '~~/shared/types'
import { assignWeek } from './assignWeek'
import { addAthlete } from './athletes'
import { changeAthleteSeason, changeSeason } from './changeSeason'
import { addGroup } from './groups'
import { allSeasons, mySeason } from './seasons'
import { logSets } from './logSets'
import { anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek } from './weeks'

const MONDAY = '2026-03-02'
const SHAPE: SeasonShape = {
  startsOn: MONDAY, weeks: 10, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [
    { phase: 'preSeason', least: 3, most: 6, start: 0, volume: 18, opening: { braceStep: null, done: null } },
    { phase: 'inSeason', least: 3, most: 8, start: 4, volume: 12, opening: { braceStep: null, done: null } },
  ],
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let groupId = ''
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
/** Each test has a squad of its own. */
beforeEach(async () => {
  groupId = randomUUID()
  await addGroup(head, { id: groupId, name: `Squad ${groupId.slice(0, 6)}` })
})
const change = (over: Partial<SeasonChange> = {}): SeasonChange => ({
  version: 0, title: 'The season is planned', shape: SHAPE, put: [], cancel: [], pins: [], prefer: null, expect: null,
  replan: true, ...over,
})
const add = async (over: Partial<AthleteInput> = {}): Promise<string> => {
  const id = randomUUID()
  await addAthlete(
    head, id,
    anAthlete({
      name: `Athlete ${id.slice(0, 4)}`, groupIds: [groupId],
      available: [{ day: 0, minutes: 60 }, { day: 1, minutes: 60 }, { day: 3, minutes: 60 }, { day: 4, minutes: 60 }],
      ...over,
    }),
  )
  await makeKnown(head, id)
  return id
}

describe('shut', () => {
  it('hold the next phase shut for who is not ready, until it waits', async () => {
    const id = await add({ braceStep: 3 })
    const asking = {
      ...SHAPE,
      phases: [{ ...SHAPE.phases[0]!, least: 1, most: 1, start: 0, opening: { braceStep: 5, done: null } }, {
        ...SHAPE.phases[1]!, start: 1,
      }],
    }
    await changeSeason(head, groupId, change({ shape: asking }))
    const waiting = (await allSeasons(head)).shut.find(one => one.athleteId === id)!
    expect(waiting).toMatchObject({ phase: 1, opens: 2, reasons: ['Brace step 3; it asks for 5.'] })
    await changeAthleteSeason(head, id, {
      version: 0, groupId, title: 'Waits', exceptions: { ...NO_EXCEPTIONS, opens: { 1: waiting.opens } }, prefer: null,
      replan: true,
    })
    expect((await mySeason(head, id)).own!.plan.phases.indexOf(1)).toBe(2)
    expect((await allSeasons(head)).shut.filter(one => one.athleteId === id)).toEqual([])
  })

  it('let a week come again that was missed', async () => {
    const id = await add()
    const started = {
      ...SHAPE, startsOn: '2026-02-23',
      phases: [{ ...SHAPE.phases[0]!, start: 0 }, { ...SHAPE.phases[1]!, start: 3 }],
    }
    await changeSeason(head, groupId, change({ shape: started }))
    await storeWeek(head, id, '2026-02-23', 0, {
      sessions: [{
        id: 'd0', day: 0, minutes: 60, lifts: [],
        items: [{
          id: 'i', variationId: 'side-plank.feet', dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 },
          slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: '',
        }],
      }],
    })
    await assignWeek(head, id, '2026-02-23', 1)
    const waiting = (await allSeasons(head)).shut.find(one => one.athleteId === id)!
    expect(waiting).toMatchObject({ phase: 1, opens: 4, reasons: ['A week was missed and comes again.'] })
    const [row] = await base.owner('prescribed_item').where({ athlete_id: id }).select<{ id: string }[]>('id')
    await logSets(
      head,
      [1, 2, 3].flatMap(setNumber =>
        (['left', 'right'] as const).map(side => ({
          id: randomUUID(), prescribedItemId: row!.id, day: '2026-02-23', performedAt: '2026-02-23T10:00:00.000Z',
          setNumber, side, amount: 10, breakPoint: 'none' as const, setting: {}, feltAt: [], effort: null, painAt: null,
          note: '',
        }))
      ),
    )
    expect((await allSeasons(head)).shut.filter(one => one.athleteId === id)).toEqual([])
  })
})
