import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete, getAthlete, saveAthlete } from './athletes'
import type { Context } from './context'
import { addGroup } from './groups'
import { history } from './history'
import { theRecord } from './theRecord'
import { athleteTraces, squadTrials } from './trials'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek } from './weeks'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over = {}, context: Context = head): Promise<string> =>
  (await addAthlete(context, randomUUID(), anAthlete(over))).id

describe('a write', () => {
  const named = (id: string, fingerprint = 'f'): Context => ({ ...head, write: { id, fingerprint } })

  it('sent again gets the first answer, even from ten senders at once', async () => {
    const athleteId = await add()
    const plan = { sessions: [{ id: 'd0', day: 0, minutes: 60, lifts: [], items: [] }] }
    const write = randomUUID()
    const answers = await Promise.all(
      Array.from({ length: 10 }, () => storeWeek(named(write), athleteId, '2026-03-02', 0, plan)),
    )
    expect(new Set(answers.map(a => a.version))).toEqual(new Set([1]))
    expect((await storeWeek(named(write), athleteId, '2026-03-02', 0, plan)).version).toBe(1)
    await expect(storeWeek(named(randomUUID()), athleteId, '2026-03-02', 0, plan)).rejects.toMatchObject({
      code: 'changedElsewhere', current: { version: 1 },
    })
    const lines = await theRecord(head, { athleteId })
    expect(lines.filter(l => l.action === 'week.change')).toHaveLength(1)
  })

  it('under a name that was used for something else is refused', async () => {
    const write = randomUUID()
    await addGroup(named(write), { id: randomUUID(), name: `One ${write}` })
    await expect(addGroup(named(write, 'other'), { id: randomUUID(), name: 'Two' })).rejects.toMatchObject({
      code: 'badInput',
    })
  })

  it('that fails leaves no receipt behind, so that it can be sent again', async () => {
    const athleteId = await add()
    const write = randomUUID()
    await expect(saveAthlete(named(write), athleteId, 9, anAthlete())).rejects.toMatchObject({
      code: 'changedElsewhere', current: { id: athleteId },
    })
    expect(await saveAthlete(named(write), athleteId, 1, anAthlete({ massKg: 70 }))).toMatchObject({ version: 2 })
  })
})

describe('the record', () => {
  it('holds who changed what, before and after, and who read flags', async () => {
    const id = await add({ flags: ['wrist'], massKg: 60 })
    await saveAthlete(head, id, 1, anAthlete({ flags: ['wrist'], massKg: 61 }))
    await getAthlete(head, id)
    const lines = await theRecord(head, { athleteId: id })
    expect(lines.map(l => l.action)).toEqual(['health.read', 'athlete.change', 'athlete.add'])
    expect(lines[1]).toMatchObject({ who: 'Test headCoach', before: { massKg: 60 }, after: { massKg: 61 } })
    const athlete = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    expect(await theRecord(athlete.context, {})).toEqual([])
    expect((await theRecord(head, {})).filter(line => line.action === 'record.read')).toHaveLength(1)
    expect(await theRecord(stranger, { athleteId: id })).toEqual([])
  })

  it('says who read histories, tests and traces, once an hour, and nothing of the own', async () => {
    const id = await add()
    for (let again = 0; again < 2; again++) {
      await history(head, id, '2026-01-01', '2026-03-04')
      await athleteTraces(head, id, '2026-01-01')
      await squadTrials(head)
    }
    const athlete = await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId: id })
    await history(athlete.context, id, '2026-01-01', '2026-03-04')
    const read = async (where: object): Promise<string[]> =>
      (await base.owner('audit').where(where).whereLike('action', '%.read').pluck('action')).sort()
    expect(await read({ athlete_id: id })).toEqual(['history.read', 'traces.read'])
    expect(await read({ person_id: head.actor.personId, action: 'trials.read' })).toEqual(['trials.read'])
    expect(await read({ person_id: athlete.context.actor.personId })).toEqual([])
  })
})
