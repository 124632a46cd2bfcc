import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete } from './athletes'
import { assessment } from './assessment'
import { checkBrace, logPractice, setBraceCourse } from './brace'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import type { Context } from './context'
import { roster } from './roster'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id
const asAthlete = async (athleteId: string): Promise<Context> =>
  (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId })).context
const later = (context: Context, today: string): Context => ({ ...context, today })

describe('the brace course', () => {
  const check = (step: number, count: number) => ({
    id: randomUUID(), day: TODAY, step, swell: ['front', 'left', 'right', 'back'] as const, breathing: true, count,
    note: '',
  })

  it('moves the athlete step by step, by an assistant too, and once per check', async () => {
    const id = await add({ braceStep: 1 })
    const second = check(2, 3)
    expect((await checkBrace(assistant, id, second)).braceStep).toBe(2)
    expect((await checkBrace(assistant, id, second)).braceStep).toBe(2)
    expect((await checkBrace(coach, id, check(4, 5))).braceStep).toBe(2)
    expect((await checkBrace(coach, id, check(3, 15))).braceStep).toBe(3)
    expect((await checkBrace(coach, id, check(2, 0))).braceStep).toBe(1)
    const { braceChecks } = await assessment(coach, id)
    expect(braceChecks.map(c => [c.step, c.passed])).toEqual([[2, true], [4, true], [3, true], [2, false]])
  })
})

describe('brace homework', () => {
  it('is set by the coach, practised by the athlete, and told to the coach when it lies', async () => {
    const id = await add()
    const own = await asAthlete(id)
    const homework = { timesADay: 3, until: null, note: 'After breakfast too.' }
    expect(await setBraceCourse(coach, id, { cue: 'drawIn', homework })).toEqual({
      cue: 'drawIn', homework, setOn: TODAY,
    })
    await expect(setBraceCourse(own, id, { cue: 'brace', homework: null })).rejects.toMatchObject({ code: '42501' })
    const key = randomUUID()
    await logPractice(own, id, { id: key, day: TODAY, step: 2 })
    expect((await logPractice(own, id, { id: key, day: TODAY, step: 2 })).practices).toEqual([{ day: TODAY, step: 2 }])
    expect((await assessment(own, id)).course.homework?.note).toBe('After breakfast too.')
    const lies = async (today: string): Promise<boolean> =>
      (await roster(later(coach, today))).rows.find(r => r.athlete.id === id)!.homeworkLies
    expect([await lies('2026-03-06'), await lies('2026-03-07')]).toEqual([false, true])
  })

  it('counts anew from the day it is changed, and not from a change of the cue', async () => {
    const id = await add()
    const homework = { timesADay: 2, until: null, note: '' }
    await setBraceCourse(coach, id, { cue: 'brace', homework })
    expect((await setBraceCourse(later(coach, '2026-03-08'), id, { cue: 'drawIn', homework })).setOn).toBe(TODAY)
    expect(
      (await setBraceCourse(later(coach, '2026-03-08'), id, { cue: 'drawIn', homework: { ...homework, timesADay: 4 } }))
        .setOn,
    ).toBe('2026-03-08')
    expect((await setBraceCourse(coach, id, { cue: 'brace', homework: null })).setOn).toBeNull()
  })

  it('is nobody else’s, and no practice is from tomorrow on', async () => {
    const id = await add()
    const other = await asAthlete(await add())
    await expect(logPractice(other, id, { id: randomUUID(), day: TODAY, step: 2 })).rejects.toThrow('no such athlete')
    await expect(setBraceCourse(stranger, id, { cue: 'brace', homework: null })).rejects.toThrow('no such athlete')
    await expect(logPractice(coach, id, { id: randomUUID(), day: '2026-04-01', step: 2 })).rejects.toThrow(
      'yet to come',
    )
  })
})
