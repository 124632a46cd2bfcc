import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { EMPTY_OWN, STANDARD, putOwn, removeOwn, type OwnCatalogue, type Variation } from '~~/core/catalogue'
import type { TrunkItem, WeekPlan } from '~~/core/programme'
import { addAthlete, getAthlete } from './athletes'
import { assignWeek } from './assignWeek'
import { saveCatalogue, storedCatalogue } from './catalogue'
import { theRecord } from './theRecord'
import { anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
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

const like = STANDARD.find('side-plank.knees')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const drill = (key: string, rung: number, over: Partial<Variation> = {}): Variation =>
  ({ ...like, id: `own-tall.own-${key}`, ladder: 'own-tall', rung, name: `Tall hold ${key}`, ...over })
const own: OwnCatalogue = { ladders: [ladder], variations: [drill('low', 1), drill('high', 2)] }
const weekWith = (variationId: string): WeekPlan => {
  const item: TrunkItem = {
    id: 'i1', variationId, dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after', pairedWith: null,
    extraSetSide: null, setting: {},
    why: 'Test.',
  }
  return { sessions: [{ id: 'd2', day: 2, minutes: 60, lifts: [], items: [item] }] }
}

describe('an organisation\'s own drills', () => {
  it('start empty, are stored over the version that was read, and seen by nobody else', async () => {
    expect(await storedCatalogue(coach)).toEqual({ version: 0, own: EMPTY_OWN })
    expect(await saveCatalogue(coach, { version: 0, own })).toEqual({ version: 1, own })
    expect(await storedCatalogue(stranger)).toEqual({ version: 0, own: EMPTY_OWN })
    await expect(saveCatalogue(coach, { version: 0, own: EMPTY_OWN })).rejects.toMatchObject({
      code: 'changedElsewhere', current: { version: 1, own },
    })
  })

  it('are refused whole when one entry is wrong, and the message stands at its field', async () => {
    const wrong = putOwn(own, drill('wrong', 3, { shares: { rotation: 0.3 } }))
    await expect(saveCatalogue(coach, { version: 1, own: wrong })).rejects.toMatchObject({
      code: 'badInput', fields: { 'own-tall.own-wrong/shares': expect.stringContaining('sum to 1') },
    })
    expect((await storedCatalogue(coach)).version).toBe(1)
  })

  it('can be given by their own organisation only', async () => {
    const mine = await makeKnown(coach, (await addAthlete(coach, randomUUID(), anAthlete())).id)
    const theirs = (await addAthlete(stranger, randomUUID(), anAthlete())).id
    const week = await storeWeek(coach, mine, MONDAY, 0, weekWith('own-tall.own-low'))
    expect((await assignWeek(coach, mine, MONDAY, week.version)).status).toBe('assigned')
    await expect(storeWeek(stranger, theirs, MONDAY, 0, weekWith('own-tall.own-low'))).rejects.toThrow(
      'not in the catalogue',
    )
  })

  it('keep the rungs above the athlete\'s and the flags of ours', async () => {
    const id = (await addAthlete(coach, randomUUID(), anAthlete())).id
    await expect(storeWeek(coach, id, MONDAY, 0, weekWith('own-tall.own-high'))).rejects.toThrow('Rung 2 of its branch')
    const { version, own: now } = await storedCatalogue(coach)
    await saveCatalogue(coach, { version, own: putOwn(now, drill('lying', 3, { posture: 'supine', hazards: [] })) })
    const pregnant =
      (await addAthlete(coach, randomUUID(), anAthlete({ flags: ['pregnancy'], stands: ['own-tall.own-lying'] }))).id
    await expect(storeWeek(coach, pregnant, MONDAY, 0, weekWith('own-tall.own-lying'))).rejects.toThrow(
      'lying on the back',
    )
  })

  it('leave athletes on the drill they stood on when a rung comes between', async () => {
    const stands = ['own-tall.own-high', 'side-plank.star']
    const id = (await addAthlete(coach, randomUUID(), anAthlete({ stands }))).id
    const { version, own: now } = await storedCatalogue(coach)
    const more = await saveCatalogue(coach, { version, own: putOwn(now, drill('between', 2)) })
    expect(await getAthlete(coach, id)).toMatchObject({ stands, version: 1 })
    await saveCatalogue(coach, { version: more.version, own: removeOwn(more.own, 'own-tall.own-high') })
    expect((await getAthlete(coach, id)).stands).toEqual(['own-tall.own-between', 'side-plank.star'])
  })

  it('taken out are told at the week that still holds them, and what was given stays', async () => {
    const id = await makeKnown(
      coach,
      (await addAthlete(coach, randomUUID(), anAthlete({ stands: ['own-tall.own-between'] }))).id,
    )
    const week = await storeWeek(coach, id, MONDAY, 0, weekWith('own-tall.own-between'))
    await assignWeek(coach, id, MONDAY, week.version)
    const { version, own: now } = await storedCatalogue(coach)
    await saveCatalogue(coach, { version, own: removeOwn(now, 'own-tall.own-between') })
    await expect(assignWeek(coach, id, MONDAY, week.version)).rejects.toThrow('not in the catalogue')
  })

  it('are on the record, with what changed and nothing else', async () => {
    const lines = (await theRecord(coach, {})).filter(line => line.action === 'catalogue.change')
    expect(lines.length).toBeGreaterThanOrEqual(5)
    const removal = lines[0]!
    expect((removal.before as OwnCatalogue).variations.map(v => v.id)).toContain('own-tall.own-between')
  })
})
