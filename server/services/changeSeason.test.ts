import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { NO_EXCEPTIONS, planMark, type SeasonShape } from '~~/core/season'
import type { AthleteInput, EntryInput, SeasonChange, StoredSeason } from '~~/shared/types'
import { addAthlete } from './athletes'
import { changeAthleteSeason, changeSeason } from './changeSeason'
import { coachDay } from './coachDay'
import { addGroup } from './groups'
import { allSeasons, mySeason } from './seasons'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'

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
const cup = (day: string, over: Partial<EntryInput> = {}): EntryInput => ({
  id: randomUUID(), groupId, kind: 'competition', name: 'Cup', day, lastDay: day, importance: 'A', travelBefore: 0,
  travelAfter: 0, weeklyUntil: null, except: [], startsAt: '10:00', minutes: 60, timeZone: 'Europe/London',
  sourceUid: null, ...over,
})
const change = (over: Partial<SeasonChange> = {}): SeasonChange => ({
  version: 0, title: 'The season is planned', shape: SHAPE, put: [], cancel: [], pins: [], prefer: null, expect: null,
  replan: true, ...over,
})
const season = async (): Promise<StoredSeason> => (await allSeasons(head)).seasons.find(one => one.groupId === groupId)!
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

describe('a season is changed', () => {
  it('moves with its competition, and back to where it was', async () => {
    const entry = cup('2026-04-18')
    await changeSeason(head, groupId, change({ put: [entry] }))
    const before = await season()
    expect(before.plan.loads.slice(5, 7)).toEqual(['taper', 'taper'])
    const away = { ...entry, day: '2026-04-26', lastDay: '2026-04-26' }
    const { changed } = await changeSeason(head, groupId, change({ version: 1, title: 'Cup moves', put: [away] }))
    expect(changed.length).toBeGreaterThan(0)
    expect(changed.every(one => one.reason.length > 10)).toBe(true)
    const moved = await season()
    expect(Object.keys(moved.revisions).map(Number)).toEqual(changed.map(one => one.day))
    await changeSeason(head, groupId, change({ version: 2, title: 'Cup moves back', put: [entry] }))
    expect(planMark((await season()).plan)).toBe(planMark(before.plan))
  })

  it('leaves days that are over and pinned days alone', async () => {
    await changeSeason(head, groupId, change({ put: [cup('2026-04-18')] }))
    const before = await season()
    // TODAY is the Wednesday of the first week: its Monday is over.
    const pin = 7 * 5 + 3
    await changeSeason(
      head, groupId,
      change({ version: 1, put: [cup('2026-03-05', { importance: 'A' }), cup('2026-04-10')], pins: [pin] }),
    )
    const after = await season()
    expect([after.plan.days[0], after.plan.days[1], after.plan.days[pin]]).toEqual([
      before.plan.days[0], before.plan.days[1], before.plan.days[pin],
    ])
    expect(after.plan.days[3]).toBe('off')
  })

  it('stores only the plan that was looked at, over the version that was read', async () => {
    await changeSeason(head, groupId, change())
    await expect(changeSeason(head, groupId, change())).rejects.toMatchObject({
      code: 'changedElsewhere',
      current: expect.objectContaining({ seasons: expect.any(Array) as unknown }) as unknown,
    })
    await expect(
      changeSeason(
        head, groupId,
        change({ version: 1, put: [cup('2026-04-18')], expect: planMark((await season()).plan) }),
      ),
    ).rejects.toMatchObject({ code: 'changedElsewhere' })
    // Nothing of a refused change stays, its competition neither.
    expect((await allSeasons(head)).entries.filter(e => e.groupId === groupId)).toEqual([])
  })

  it('reaches no other group’s calendar, and a coach not what all share', async () => {
    const outside = randomUUID()
    await addGroup(head, { id: outside, name: 'Outside' })
    await expect(changeSeason(head, groupId, change({ put: [cup('2026-04-18', { groupId: outside })] }))).rejects
      .toMatchObject({ code: 'notFound' })
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [groupId] })
    await expect(
      changeSeason(
        coach, groupId,
        change({ put: [cup('2026-04-18', { groupId: null, kind: 'closure', importance: null })] }),
      ),
    ).rejects.toMatchObject({ code: 'notAllowed' })
    await expect(changeSeason(coach, outside, change())).rejects.toMatchObject({ code: 'notFound' })
    expect((await changeSeason(coach, groupId, change())).seasons.seasons.map(s => s.groupId)).toEqual([groupId])
  })

  it('lets an athlete who is away follow the squad with the own days', async () => {
    const id = await add()
    await changeSeason(head, groupId, change())
    const exceptions = { ...NO_EXCEPTIONS, absences: [{ from: '2026-03-16', to: '2026-03-22' }] }
    const { changed } = await changeAthleteSeason(head, id, {
      version: 0, groupId, title: 'Away', exceptions, prefer: null, replan: true,
    })
    expect(changed.filter(one => one.to === 'off').length).toBeGreaterThan(1)
    const away = async () => (await mySeason(head, id)).own!.plan.days.slice(14, 21)
    expect(new Set(await away())).toEqual(new Set(['off']))
    await changeSeason(head, groupId, change({ version: 1, put: [cup('2026-04-18')] }))
    expect(new Set(await away())).toEqual(new Set(['off']))
    expect((await mySeason(head, id)).own!.plan.loads.slice(5, 7)).toEqual(['taper', 'taper'])
  })
})

describe('what reaches further than one squad', () => {
  it('a closure of the whole centre repairs every squad’s season', async () => {
    const [other, id] = [randomUUID(), await add()]
    await addGroup(head, { id: other, name: `Other ${other.slice(0, 6)}` })
    await changeSeason(head, groupId, change())
    await changeSeason(head, other, change())
    // A Monday on which both train.
    const shut = cup('2026-03-16', { groupId: null, kind: 'closure', importance: null, name: 'Floor is laid' })
    await changeSeason(head, groupId, change({ version: 1, title: 'Floor is laid', put: [shut] }))
    const seasons = (await allSeasons(head)).seasons.filter(one => [groupId, other].includes(one.groupId))
    expect(seasons.map(one => [one.version, one.plan.days[14]])).toEqual([[2, 'off'], [2, 'off']])
    expect((await coachDay(head)).squads.find(one => one.group.id === other)!.notices.map(n => n.title)).toContain(
      'Floor is laid',
    )
    expect((await mySeason(head, id)).entries.some(entry => entry.name === 'Floor is laid')).toBe(true)
  })
})

describe('an athlete who does otherwise', () => {
  it('keeps own pins and own days that are over, whatever becomes of the squad’s phases', async () => {
    const id = await add()
    await changeSeason(head, groupId, change())
    const pin = 7 * 5 + 3
    const pinned = (await season()).plan.days[pin]
    const exceptions = { ...NO_EXCEPTIONS, absences: [{ from: '2026-03-03', to: '2026-03-03' }], pins: [pin] }
    await changeAthleteSeason(head, id, { version: 0, groupId, title: 'Away', exceptions, prefer: null, replan: true })
    const over = (await mySeason(head, id)).own!.plan.days.slice(0, 2)
    // An A-competition two days after the pinned one, and one phase fewer.
    await changeSeason(
      head, groupId,
      change({
        version: 1, put: [cup('2026-04-11')],
        shape: { ...SHAPE, weeks: 12, phases: [{ ...SHAPE.phases[1]!, start: 0, most: 12 }] },
      }),
    )
    const { own } = await mySeason(head, id)
    expect([own!.plan.days.length, own!.plan.days[pin], own!.plan.days.slice(0, 2)]).toEqual([84, pinned, over])
    expect(own!.plan.phases.every(phase => phase === 0)).toBe(true)
  })
})
