import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { OwnTest } from '~~/core/assessment'
import { packTrace, unpackTrace } from '~~/core/instruments'
import type { TrialInput } from '~~/shared/types'
import {
  assessment, athleteTraces, logPractice, logTrials, saveOwnTests, setBraceCourse, squadTrials, storedOwnTests,
} from './assessment'
import { addAthlete, roster } from './athletes'
import type { Context } from './context'
import { eraseAthlete, exportAthlete } from './erasure'
import { theRecord } from './record'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'

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
const hop: OwnTest = {
  id: 'own.hop', name: 'Hop and hold', unit: 's', better: 'more', sides: 'each', action: null, setUp: 'One leg.',
  stop: 'It wobbles.', retired: false,
}

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
      (await roster(later(coach, today))).find(r => r.athlete.id === id)!.homeworkLies
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

describe('tests of the organisation’s own', () => {
  it('are stored over the version that was read, and taken on the desk with their sides', async () => {
    expect(await saveOwnTests(coach, { version: 0, tests: [hop] })).toEqual({ version: 1, tests: [hop] })
    await expect(saveOwnTests(coach, { version: 0, tests: [] })).rejects.toMatchObject({
      code: 'changedElsewhere', current: { version: 1 },
    })
    await expect(saveOwnTests(coach, { version: 1, tests: [] })).rejects.toThrow('retire')
    expect((await storedOwnTests(stranger)).tests).toEqual([])
    const id = await add()
    const trial: TrialInput = {
      id: randomUUID(), athleteId: id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'own.hop', side: 'left',
      value: 12, breakPoint: 'balance', setting: {}, note: '',
    }
    await expect(logTrials(assistant, [{ ...trial, side: null }])).rejects.toThrow('which side')
    await expect(logTrials(assistant, [{ ...trial, test: 'own.nothing' }])).rejects.toThrow('no such test')
    await logTrials(assistant, [trial])
    expect((await squadTrials(coach)).trials.filter(t => t.test === 'own.hop')).toHaveLength(1)
    expect((await theRecord(coach, {})).some(line => line.action === 'tests.own')).toBe(true)
  })
})

describe('a trial with a trace', () => {
  it('keeps it, lists only whether it can be believed, gives it on asking, exports and erases it', async () => {
    const id = await add({ name: 'Traced Athlete' })
    const samples = Array.from(
      { length: 200 },
      (_, i) => ({ tMs: i * 50, value: Math.round(900 + 10 * Math.sin(i)) / 10 }),
    )
    const trace = {
      ...packTrace(samples, 'force', 20, 0.1), reliable: false, says: ['Nothing came for 1.2 s.'], cvPercent: 1.1,
    }
    const trialId = randomUUID()
    await logTrials(assistant, [{
      id: trialId, athleteId: id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'pressOutHold',
      side: 'right', value: 9.9, breakPoint: 'trunk', setting: { bandN: 90 }, note: '', trace,
    }])
    const listed = (await assessment(coach, id)).trials[0]!
    expect([listed.reliable, 'trace' in listed]).toEqual([false, false])
    const kept = (await athleteTraces(assistant, id, TODAY))[trialId]!
    expect(unpackTrace(kept)).toEqual(samples)
    await expect(athleteTraces(stranger, id, TODAY)).rejects.toThrow('no such athlete')
    expect((await exportAthlete(coach, id)).traces).toEqual({ [trialId]: trace })
    await setBraceCourse(coach, id, { cue: 'drawIn', homework: null })
    await logPractice(coach, id, { id: randomUUID(), day: TODAY, step: 1 })
    await eraseAthlete(coach, id, 'Traced Athlete')
    const left = await base.owner.raw(
      'select (select count(*)::int from brace_course where athlete_id = ?) + (select count(*)::int from '
      + 'brace_practice where athlete_id = ?) + (select count(*)::int from test_trial where athlete_id = ?) as n',
      [id, id, id],
    )
    expect(left.rows[0].n).toBe(0)
  })
})
