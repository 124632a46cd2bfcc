import { randomUUID } from 'node:crypto'
import { sync as nodeIcal, type VEvent } from 'node-ical'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '~~/core/calendar'
import type { SeasonShape } from '~~/core/season'
import type { AthleteInput, EntryInput, SeasonChange } from '~~/shared/types'
import { addAthlete } from './athletes'
import { addFeed, myFeeds, readFeed, revokeFeed } from './calendarFeeds'
import { changeSeason } from './changeSeason'
import { addGroup } from './groups'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'

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

describe('addresses for calendars', () => {
  const events = (text: string): VEvent[] =>
    Object.values(nodeIcal.parseICS(text)).filter((one): one is VEvent => one?.type === 'VEVENT')
  it('of a squad is written anew when anything of it has changed, and by nothing else', async () => {
    await changeSeason(head, groupId, change({ put: [cup('2026-03-21', { name: 'Early Cup' })] }))
    const { url } = await addFeed(head, { id: randomUUID(), scope: 'group', subjectId: groupId })
    const first = await get(url)
    // Behind the product's back: written anew it would be told.
    await base.owner('calendar_entry').where({ group_id: groupId }).update({ name: 'Unseen Cup' })
    expect(await get(url)).toBe(first)
    await changeSeason(head, groupId, change({ version: 1, put: [cup('2026-03-28', { name: 'Late Cup' })] }))
    expect(await get(url)).toContain('Late Cup')
    expect(await get(url)).toContain('Unseen Cup')
    await base.owner('training_group').where({ id: groupId }).update({ name: 'Renamed' })
    const all = await addFeed(head, { id: randomUUID(), scope: 'coach', subjectId: null })
    expect(await get(all.url)).toContain('Renamed: ')
    expect(await readFeed(base.db, url.split('/').at(-1)!, () => '2026-05-04')).not.toContain('2026030')
  })

  const get = (url: string) => readFeed(base.db, url.split('/').at(-1)!, () => TODAY)

  it('hold the athlete’s plan, and rise in sequence where it is repaired', async () => {
    const id = await add()
    const entry = cup('2026-04-18')
    await changeSeason(head, groupId, change({ put: [entry] }))
    const { url } = await addFeed(head, { id: randomUUID(), scope: 'athlete', subjectId: id })
    const before = events(await get(url))
    const find = (list: readonly VEvent[], uid: string) => list.find(e => e.uid === uid)
    expect(find(before, `${entry.id}@keen-anchor`)).toMatchObject({ summary: 'Cup' })
    const { changed } = await changeSeason(
      head, groupId,
      change({ version: 1, title: 'Cup moves', put: [{ ...entry, day: '2026-04-26', lastDay: '2026-04-26' }] }),
    )
    const after = events(await get(url))
    const moved = find(after, `${entry.id}@keen-anchor`)!
    expect([moved.start.toISOString(), Number(moved.sequence)]).toEqual(['2026-04-26T09:00:00.000Z', 1])
    for (const { day, to } of changed) {
      const told = find(after, `${id}-day-${addDays(MONDAY, day)}@keen-anchor`)!
      expect([Number(told.sequence), told.summary, told.status]).toEqual([
        1, `Trunk: ${to === 'off' ? 'free' : to}`, to === 'off' ? 'CANCELLED' : 'CONFIRMED',
      ])
    }
    expect(new Set(after.map(e => e.uid)).size).toBe(after.length)
  })

  it('are secret, end when taken back or when their owner is closed, and show only what the owner sees', async () => {
    const { context: coach, email } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [groupId],
    })
    await changeSeason(head, groupId, change({ put: [cup('2026-04-18', { name: 'Near Cup' })] }))
    const { url, feeds } = await addFeed(coach, { id: randomUUID(), scope: 'coach', subjectId: null })
    expect(events(await get(url)).some(e => String(e.summary).includes('Near Cup'))).toBe(true)
    const stored = await base.owner('calendar_feed').where({ person_id: coach.actor.personId }).select<
      Record<string, unknown>[]
    >('*')
    expect(JSON.stringify(stored)).not.toContain(url.split('/').at(-1))
    await base.owner('group_staff').where({ person_id: coach.actor.personId }).delete()
    expect(events(await get(url)).some(e => String(e.summary).includes('Near Cup'))).toBe(false)
    await expect(revokeFeed(head, feeds[0]!.id)).rejects.toMatchObject({ code: 'notFound' })
    await revokeFeed(coach, feeds[0]!.id)
    await expect(get(url)).rejects.toMatchObject({ code: 'notFound' })
    await expect(get('x'.repeat(43))).rejects.toMatchObject({ code: 'notFound' })
    const again = await addFeed(coach, { id: randomUUID(), scope: 'coach', subjectId: null })
    expect((await myFeeds(coach)).map(f => f.revoked)).toEqual([false, true])
    await base.owner('person').where({ email }).update({ closed_at: new Date() })
    await expect(get(again.url)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('are made by an athlete for the own plan alone', async () => {
    const [id, other] = [await add(), await add()]
    const { context: own } = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    await addFeed(own, { id: randomUUID(), scope: 'athlete', subjectId: id })
    await expect(addFeed(own, { id: randomUUID(), scope: 'athlete', subjectId: other })).rejects.toMatchObject({
      code: 'notFound',
    })
    await expect(addFeed(own, { id: randomUUID(), scope: 'coach', subjectId: null })).rejects.toMatchObject({
      code: 'notAllowed',
    })
  })
})
