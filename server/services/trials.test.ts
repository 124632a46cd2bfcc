import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { TrialInput } from '~~/shared/types'
import { addAthlete } from './athletes'
import { assessment } from './assessment'
import { logTrials, squadTrials, withdrawTrials, athleteTraces } from './trials'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import type { Context } from './context'
import { packTrace, unpackTrace } from '~~/core/instruments'
import { logPractice, setBraceCourse } from './brace'
import { eraseAthlete, exportAthlete } from './erasure'

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
const trial = (athleteId: string, over: Partial<TrialInput> = {}): TrialInput => ({
  id: randomUUID(), athleteId, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'sideBridge', side: 'left',
  value: 60, breakPoint: 'trunk', setting: {}, note: '', ...over,
})

describe('trials', () => {
  it('are stored once, withdrawn for good, and seen by nobody of another organisation', async () => {
    const id = await add()
    const one = trial(id)
    await logTrials(assistant, [one])
    await logTrials(assistant, [{ ...one, value: 999 }])
    expect((await assessment(coach, id)).trials.map(t => t.value)).toEqual([60])
    await expect(logTrials(stranger, [trial(id)])).rejects.toMatchObject({ code: 'notFound' })
    await expect(withdrawTrials(stranger, [one.id])).rejects.toMatchObject({ code: 'notFound' })
    await withdrawTrials(coach, [one.id])
    expect((await assessment(coach, id)).trials).toEqual([])
    expect((await squadTrials(stranger)).trials).toEqual([])
  })

  it('ask for their side and their day', async () => {
    const id = await add()
    await expect(logTrials(coach, [trial(id, { side: null })])).rejects.toMatchObject({
      fields: { 'trials.0.side': expect.any(String) },
    })
    await expect(logTrials(coach, [trial(id, { test: 'plank' })])).rejects.toMatchObject({
      fields: { 'trials.0.side': expect.any(String) },
    })
    await expect(logTrials(coach, [trial(id, { day: '2026-04-01' })])).rejects.toMatchObject({
      fields: { 'trials.0.day': expect.any(String) },
    })
  })

  it('are asked about where they are odd, but never where they ended in pain', async () => {
    const id = await add()
    await expect(logTrials(coach, [trial(id, { value: 1 })])).rejects.toMatchObject({
      code: 'needsReason', fields: { 'trials.0.value': 'Under 3 s: was it begun?' },
    })
    await logTrials(coach, [trial(id, { value: 1, breakPoint: 'pain' })])
    expect((await assessment(coach, id)).trials.map(t => t.breakPoint)).toEqual(['pain'])
  })

  it('repeated on one day give the organisation its own typical error', async () => {
    const [a, b, c] = [await add(), await add(), await add()]
    const pair = (id: string, values: number[]) =>
      values.map((value, i) => trial(id, { test: 'hinge', value, performedAt: `${TODAY}T10:0${i}:00.000Z` }))
    await logTrials(coach, [...pair(a, [60, 64]), ...pair(b, [70, 72]), ...pair(c, [80, 78])])
    const { errors } = await assessment(coach, a)
    expect(errors.hinge!.degreesOfFreedom).toBe(2)
    expect(errors.hinge!.error).toBeCloseTo(2.160, 3)
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
