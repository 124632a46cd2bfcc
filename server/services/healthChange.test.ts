import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FLAG_IDS, type Clearance, type Answers, type FlagId } from '~~/core/screening'
import { addAthlete, getAthlete, saveAthlete } from './athletes'
import { assessment } from './assessment'
import { addClearance, withdrawClearance, screenAthlete } from './screening'
import { addPerson, anAthlete, makeOrganisation, testDatabase, makeKnown, TODAY } from '../testing/database'
import type { Context } from './context'
import { storeWeek, weekSheet } from './weeks'
import { STANDARD, standsUpTo, VARIATIONS } from '~~/core/catalogue'
import type { WeekPlan } from '~~/core/programme'
import { healthAlerts } from './alerts'
import { assignWeek } from './assignWeek'
import { eraseAthlete } from './erasure'
import { roster } from './roster'
import { theRecord } from './theRecord'
import { athleteToday } from './sessions'

const MONDAY = '2026-03-02'
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id
const clearance = (over: Partial<Clearance> = {}): Clearance => ({
  id: randomUUID(), flag: 'herniaSurgery', extent: 'all', givenBy: 'Surgeon in town', role: 'specialist',
  from: '2026-02-01', until: null, note: '', ...over,
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
const mails: { recipient: string, subject: string }[] = []
const yes = (...flags: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
const clearanceOf = (flag: FlagId, over: Partial<Clearance> = {}): Clearance => ({
  id: randomUUID(), flag, extent: 'all', givenBy: 'Island practice', role: 'doctor', from: TODAY, until: null, note: '',
  ...over,
})
/** One drill of every ladder and kind, in one session, whatever the place says of it. */
const NAMED = [
  'front-plank.weight-on-back', 'front-plank.hands', 'flexion.crunch', 'carries.suitcase-heavy',
  'inside-lift.front-loaded-squat', 'brace.find-it', 'rotation.throw-to-wall', 'levers.full',
]
const PICKED = [
  ...NAMED.map(id => STANDARD.find(id)!),
  ...VARIATIONS.filter((v, i) => i % 19 === 0 && !NAMED.includes(v.id)),
]
const plan: WeekPlan = {
  sessions: [{
    id: 'd2', day: 2, minutes: 240, lifts: [],
    items: PICKED.map((v, i) => ({
      id: `i${i}`, variationId: v.id, dose: v.doses[0]!, slot: 'after' as const, pairedWith: null, extraSetSide: null,
      setting: {}, why: '',
    })),
  }],
}
const FAR = ['front-plank.long-lever-load', 'front-plank.weight-on-back']
const strong = { stands: STANDARD.ladders.flatMap(l => standsUpTo(l, l.rungs.length)), birthYear: 1995 }
interface Walked {
  readonly id: string
  readonly own: Context
  readonly sessionId: string
  readonly items: Awaited<ReturnType<typeof athleteToday>>['session']
}
/** An able athlete with all of that assigned for today. */
async function walked(over = {}): Promise<Walked> {
  const id = await makeKnown(
    coach,
    (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...strong, ...over }))).id,
  )
  await storeWeek(coach, id, MONDAY, 0, plan)
  await assignWeek(coach, id, MONDAY, 1)
  const own =
    (await addPerson(base.db, coach.actor.organisationId, 'athlete', { athleteId: id, passwordHash: 'x' })).context
  const { session } = await athleteToday(own, id)
  return { id, own, sessionId: session!.id, items: session }
}

describe('a clearance', () => {
  it('lifts its flag while it stands, everywhere a week is checked, and no day longer', async () => {
    const id = await add({ flags: ['herniaSurgery'], stands: FAR })
    await expect(storeWeek(coach, id, MONDAY, 0, pressure)).rejects.toThrow('high pressure')
    await addClearance(coach, id, clearance({ until: '2026-03-10' }))
    expect((await storeWeek(coach, id, MONDAY, 0, pressure)).version).toBe(1)
    await expect(storeWeek(coach, id, '2026-03-16', 0, pressure)).rejects.toThrow('high pressure')
  })

  it('for breath-holding only leaves the other consequences', async () => {
    const id = await add({ flags: ['herniaSurgery'], stands: [...FAR, 'rotation.throw-to-wall'] })
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

describe('a red flag', () => {
  it('tells every coach in its own transaction, and comes back as it was when it is cleared', async () => {
    const one = await walked({ name: 'Told About' })
    const two =
      (await addPerson(base.db, coach.actor.organisationId, 'coach', { groupIds: [coach.groupId], passwordHash: 'x' }))
        .email
    await base.owner('person').where({ role: 'headCoach' }).update({ password_hash: 'x' })
    const before = (await athleteToday(one.own, one.id)).session!
    await screenAthlete(one.own, one.id, 1, yes('chestPain'))
    const [alert] = (await healthAlerts(coach)).alerts.filter(a => a.athleteId === one.id)
    expect(alert).toMatchObject({ kind: 'stop', athleteName: 'Told About', stops: before.items.length, settled: false })
    mails.push(...await base.owner('mail').where('subject', 'like', '%Told About').select('recipient', 'subject'))
    expect(mails.map(m => m.recipient)).toContain(two)
    expect(JSON.stringify(await base.owner('mail').select('body', 'subject'))).not.toMatch(/chest/i)
    expect((await roster(coach)).rows.find(row => row.athlete.id === one.id)!.athlete.flags).toEqual(['chestPain'])
    expect((await theRecord(coach, { athleteId: one.id })).map(line => line.action)).toContain('health.screen')
    await addClearance(coach, one.id, clearanceOf('chestPain'))
    expect((await athleteToday(one.own, one.id)).session).toEqual(before)
    expect((await healthAlerts(coach)).alerts.filter(a => a.athleteId === one.id).map(a => [a.kind, a.settled]))
      .toEqual([['cleared', false], ['stop', true]])
  })

  it('is not erased by an older form, by a form that says no, nor by the profile', async () => {
    const one = await walked()
    const { health: { version } } = await getAthlete(coach, one.id)
    await screenAthlete(one.own, one.id, version, yes('chestPain'))
    await expect(screenAthlete(coach, one.id, version, yes('wrist'))).rejects.toMatchObject({
      code: 'changedElsewhere', current: { flags: ['chestPain'], answers: { chestPain: true } },
    })
    expect((await screenAthlete(coach, one.id, version + 1, yes('wrist'))).flags).toEqual(['chestPain', 'wrist'])
    const {
      id: _i, archived: _a, clearances: _c, health: _h, screenedOn: _s, accountEmail: _e, accountState: _st,
      changedBy: _b, version: read,
      ...input
    } = await getAthlete(coach, one.id)
    await expect(saveAthlete(coach, one.id, read, { ...input, flags: ['wrist'] })).rejects.toMatchObject({
      fields: { flags: expect.stringContaining('clearance') },
    })
    // A replay from a device's queue raises, and lowers nothing.
    expect((await screenAthlete(one.own, one.id, version, yes('shoulder'))).flags).toEqual([
      'chestPain', 'shoulder', 'wrist',
    ])
  })

  it('that is reported once more after a clearance stands anew', async () => {
    const one = await walked()
    await screenAthlete(one.own, one.id, 1, yes('fainting'))
    await addClearance(coach, one.id, clearanceOf('fainting'))
    expect((await athleteToday(one.own, one.id)).stop).toBeNull()
    await screenAthlete(one.own, one.id, 3, yes('fainting'))
    expect((await athleteToday(one.own, one.id)).stop).not.toBeNull()
    expect((await getAthlete(coach, one.id)).clearances).toEqual([])
  })

  it('stands again from the day after its clearance ends, and when that is withdrawn', async () => {
    const one = await walked()
    await screenAthlete(one.own, one.id, 1, yes('aneurysm'))
    const word = clearanceOf('aneurysm', { until: TODAY })
    await addClearance(coach, one.id, word)
    expect((await athleteToday(one.own, one.id)).session!.items.length).toBeGreaterThan(0)
    const saturday = { ...plan.sessions[0]!, id: 'd5', day: 5 }
    await expect(storeWeek(coach, one.id, MONDAY, 1, { sessions: [...plan.sessions, saturday] })).rejects.toThrow(
      'refer first',
    )
    await withdrawClearance(coach, one.id, word.id)
    expect((await athleteToday(one.own, one.id)).stop).not.toBeNull()
  })

  it('lets its athlete be erased', async () => {
    const one = await walked({ name: 'To Be Gone' })
    await screenAthlete(one.own, one.id, 1, yes('chestPain'))
    await eraseAthlete(coach, one.id, 'To Be Gone')
    expect(await base.owner('health_alert').where({ athlete_id: one.id })).toEqual([])
  })
})
