import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FLAG_IDS, type Answers, type Clearance } from '~~/core/screening'
import type { TrialInput } from '~~/shared/types'
import { addAthlete, getAthlete } from './athletes'
import { assessment, checkBrace, logTrials, placeByHand, squadTrials, withdrawTrials } from './assessment'
import { eraseAthlete, exportAthlete } from './erasure'
import { theRecord } from './record'
import { addClearance, screenAthlete, withdrawClearance } from './screening'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import type { Context } from './context'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
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
const yes = (...flags: string[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
const clearance = (over: Partial<Clearance> = {}): Clearance => ({
  id: randomUUID(), flag: 'herniaSurgery', extent: 'all', givenBy: 'Surgeon in town', role: 'specialist',
  from: '2026-02-01', until: null, note: '', ...over,
})
const trial = (athleteId: string, over: Partial<TrialInput> = {}): TrialInput => ({
  id: randomUUID(), athleteId, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'sideBridge', side: 'left',
  value: 60, breakPoint: 'trunk', setting: {}, note: '', ...over,
})
const pressure = { // a drill that a hernia takes away
  sessions: [{
    id: 'd2', day: 2, minutes: 60, lifts: [],
    items: [{
      id: 'i', variationId: 'front-plank.weight-on-back',
      dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
      slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: '',
    }],
  }],
}

describe('screening', () => {
  it('raises flags from answers, and every answer is on the record', async () => {
    const id = await add({ rungs: { 'front-plank': 10 } })
    expect((await screenAthlete(coach, id, 1, yes('wrist', 'chestPain'))).flags).toEqual(['chestPain', 'wrist'])
    await expect(storeWeek(coach, id, MONDAY, 0, pressure)).rejects.toThrow('refer first')
    // A red flag leaves only by a clearance, whatever is answered; the others go with the answers.
    expect((await screenAthlete(coach, id, 2, yes())).flags).toEqual(['chestPain'])
    const lines = (await theRecord(coach, { athleteId: id })).filter(line => line.action === 'health.screen')
    expect(lines).toHaveLength(2)
    expect((await getAthlete(coach, id)).screenedOn).not.toBeNull()
  })

  it('by the athlete can add a flag and take none away', async () => {
    const id = await add({ flags: ['shoulder'] })
    const own = await asAthlete(id)
    expect((await screenAthlete(own, id, 1, yes('wrist'))).flags).toEqual(['shoulder', 'wrist'])
    expect((await getAthlete(coach, id)).flags).toEqual(['shoulder', 'wrist'])
  })
})

describe('a clearance', () => {
  it('lifts its flag while it stands, everywhere a week is checked, and no day longer', async () => {
    const id = await add({ flags: ['herniaSurgery'], rungs: { 'front-plank': 10 } })
    await expect(storeWeek(coach, id, MONDAY, 0, pressure)).rejects.toThrow('high pressure')
    await addClearance(coach, id, clearance({ until: '2026-03-10' }))
    expect((await storeWeek(coach, id, MONDAY, 0, pressure)).version).toBe(1)
    await expect(storeWeek(coach, id, '2026-03-16', 0, pressure)).rejects.toThrow('high pressure')
  })

  it('for breath-holding only leaves the other consequences', async () => {
    const id = await add({ flags: ['herniaSurgery'], rungs: { 'front-plank': 10, 'rotation': 18 } })
    await addClearance(coach, id, clearance({ extent: 'breath' }))
    expect((await storeWeek(coach, id, MONDAY, 0, pressure)).version).toBe(1)
    const fast = {
      sessions: [{
        ...pressure.sessions[0]!,
        items: [{
          ...pressure.sessions[0]!.items[0]!, variationId: 'rotation.ball-chop',
          dose: { sets: 1, amount: 5, unit: 'reps' as const, restS: 60 },
        }],
      }],
    }
    await expect(storeWeek(coach, id, '2026-03-09', 0, fast)).rejects.toThrow('bending the spine under load')
  })

  it('is told to an assistant by what is left, and not by its name', async () => {
    const id = await add({ flags: ['herniaSurgery', 'wrist'] })
    const before = await weekSheet(assistant, id, MONDAY)
    expect(before.athlete).toMatchObject({ flags: [], clearances: [] })
    expect(before.athlete.health.left).toContain('brace.find-it')
    expect(before.athlete.health.left).not.toContain('side-plank.feet')
    await addClearance(coach, id, clearance())
    const { athlete } = await weekSheet(assistant, id, MONDAY)
    expect(athlete).toMatchObject({ flags: [], clearances: [], screenedOn: null })
    expect(athlete.health.left).toContain('side-plank.feet')
    expect(athlete.health.left).not.toContain('front-plank.hands')
    expect((await assessment(assistant, id)).answers).toBeNull()
    expect(JSON.stringify(await assessment(assistant, id))).not.toContain('Surgeon')
  })

  it('can be withdrawn, is stored once, and is refused where it makes no sense', async () => {
    const id = await add({ flags: ['herniaSurgery'] })
    const one = clearance()
    await addClearance(coach, id, one)
    expect((await addClearance(coach, id, one)).clearances).toHaveLength(1)
    expect((await withdrawClearance(coach, id, one.id)).clearances).toEqual([])
    await expect(withdrawClearance(coach, id, one.id)).rejects.toMatchObject({ code: 'notFound' })
    await expect(addClearance(coach, id, clearance({ flag: 'wrist' }))).rejects.toMatchObject({
      fields: { flag: expect.any(String) },
    })
    await expect(addClearance(coach, id, clearance({ until: '2026-01-01' }))).rejects.toMatchObject({
      fields: { until: expect.any(String) },
    })
    await expect(addClearance(coach, id, clearance({ from: '2026-09-01' }))).rejects.toMatchObject({
      fields: { from: expect.any(String) },
    })
    const back = await add({ flags: ['wrist'] })
    await expect(addClearance(coach, back, clearance({ flag: 'wrist', extent: 'breath' }))).rejects.toMatchObject({
      fields: { extent: expect.any(String) },
    })
  })
})

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

describe('a rung set by hand', () => {
  it('keeps its reason on the record and the version that was read', async () => {
    const id = await add()
    const placed = await placeByHand(coach, id, {
      version: 1, ladder: 'side-plank', rung: 4, reason: 'Seen in training.',
    })
    expect(placed).toMatchObject({ version: 2, rungs: { 'side-plank': 4 } })
    await expect(placeByHand(coach, id, { version: 1, ladder: 'side-plank', rung: 2, reason: 'Late.' })).rejects
      .toMatchObject({ code: 'changedElsewhere' })
    await expect(placeByHand(coach, id, { version: 2, ladder: 'side-plank', rung: 39, reason: 'Too high.' })).rejects
      .toMatchObject({ fields: { rung: expect.any(String) } })
    await expect(placeByHand(coach, id, { version: 2, ladder: 'nothing', rung: 1, reason: 'Nowhere.' })).rejects
      .toMatchObject({ fields: { ladder: expect.any(String) } })
    expect((await theRecord(coach, { athleteId: id })).find(line => line.action === 'rung.place')!.after).toEqual({
      rung: 4, reason: 'Seen in training.',
    })
  })
})

describe('an athlete who leaves', () => {
  it('takes checks, trials, answers and clearances along, and they are gone when erased', async () => {
    const id = await add({ name: 'Leaving Soon', flags: ['herniaSurgery'] })
    await logTrials(coach, [trial(id)])
    await checkBrace(coach, id, {
      id: randomUUID(), day: TODAY, step: 1, swell: [], breathing: true, count: 0, note: '',
    })
    await addClearance(coach, id, clearance())
    await screenAthlete(coach, id, 2, yes('herniaSurgery'))
    const all = await exportAthlete(coach, id)
    expect(
      [all.trials, all.braceChecks, (all.athlete as { clearances: unknown[] }).clearances].map(list =>
        (list as unknown[]).length
      ),
    ).toEqual([1, 1, 1])
    expect(all.answers).toMatchObject({ herniaSurgery: true })
    await eraseAthlete(coach, id, 'Leaving Soon')
    for (const table of ['test_trial', 'brace_check', 'athlete_health']) {
      expect((await base.owner(table).where({ athlete_id: id })).length, table).toBe(0)
    }
  })
})
