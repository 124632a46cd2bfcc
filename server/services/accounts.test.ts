import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { changePassword, signOutEverywhere } from './account'
import { addAthlete, getAthlete, inviteAthlete, roster, saveAthlete } from './athletes'
import type { Context } from './context'
import { eraseAthlete, exportAthlete } from './erasure'
import { addGroup } from './groups'
import { mailResetLink, useLink } from './links'
import { theRecord } from './record'
import { signIn, whoIs } from './signIn'
import { changeStaff, inviteStaff, staff } from './staff'
import { addPerson, anAthlete, bareContext, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const NOW = new Date('2026-03-04T12:00:00Z')
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

/** The token in the last mail to an address. */
async function tokenFor(email: string): Promise<string> {
  const [mail] = await base.owner('mail').where({ recipient: email }).orderBy('created_at', 'desc')
  return /#([\w-]{43})/.exec(mail.body)![1]!
}
const open = async (email: string, password: string): Promise<string> => {
  await useLink(base.db, await tokenFor(email), password, null, NOW)
  return password
}

describe('invitations', () => {
  it('lead an athlete to a sign-in of their own, once', async () => {
    const id = await add({ name: 'With Phone' })
    const email = `Phone-${id}@test.example`
    expect(await inviteAthlete(head, id, { id: randomUUID(), email })).toMatchObject({
      accountState: 'invited', accountEmail: email.toLowerCase(),
    })
    await expect(signIn(base.db, { email, password: 'anything' })).rejects.toMatchObject({ code: 'wrongSignIn' })
    const token = await tokenFor(email)
    await open(email, 'strand and keel')
    await expect(useLink(base.db, token, 'another one', null, NOW)).rejects.toMatchObject({ code: 'linkOver' })
    const person = await signIn(base.db, { email: email.toUpperCase(), password: 'strand and keel' })
    expect(person).toMatchObject({ role: 'athlete', athleteId: id })
    const session = {
      organisationId: person.organisationId, personId: person.id, sessionVersion: person.sessionVersion,
    }
    expect((await whoIs(base.db, session, NOW))?.me).toMatchObject({ name: 'With Phone', today: TODAY })
    expect(await getAthlete(head, id)).toMatchObject({ accountState: 'active' })
    await expect(inviteAthlete(head, id, { id: randomUUID(), email })).rejects.toMatchObject({ code: 'alreadyExists' })
  })

  it('end when they are too old, and when a newer one is sent', async () => {
    const id = await add()
    const email = `late-${id}@test.example`
    await inviteAthlete(head, id, { id: randomUUID(), email })
    const first = await tokenFor(email)
    await expect(useLink(base.db, first, 'long enough here', null, new Date('2126-01-01'))).rejects.toMatchObject({
      code: 'linkOver',
    })
    await inviteAthlete(head, id, { id: randomUUID(), email: `new-${email}` })
    await expect(useLink(base.db, first, 'long enough here', null, NOW)).rejects.toMatchObject({ code: 'linkOver' })
    await open(`new-${email}`, 'long enough here')
    await expect(useLink(base.db, 'x'.repeat(43), 'long enough here', null, NOW)).rejects.toMatchObject({
      code: 'linkOver',
    })
  })

  it('do not tell one organisation about the accounts of another', async () => {
    const email = `shared-${randomUUID()}@test.example`
    await inviteStaff(stranger, { id: randomUUID(), name: 'There First', email, role: 'coach', groupIds: [] })
    await open(email, 'there first of all')
    const here = randomUUID()
    expect(await inviteStaff(head, { id: here, name: 'Here Too', email, role: 'coach', groupIds: [head.groupId] }))
      .toContainEqual(
        expect.objectContaining({ id: here, state: 'invited', groupIds: [head.groupId] }),
      )
    await expect(open(email, 'here as well, please')).rejects.toMatchObject({ code: 'alreadyExists' })
    await expect(inviteAthlete(head, await add(), { id: randomUUID(), email })).rejects.toMatchObject({
      fields: { email: expect.any(String) },
    })
  })
})

describe('passwords', () => {
  it('are changed by whoever knows the present one, and every other session ends', async () => {
    const email = `coach-${randomUUID()}@test.example`
    await inviteStaff(head, { id: randomUUID(), name: 'New Coach', email, role: 'coach', groupIds: [] })
    await open(email, 'first password')
    const person = await signIn(base.db, { email, password: 'first password' })
    const context: Context = {
      ...bareContext(base.db),
      actor: { organisationId: person.organisationId, personId: person.id, role: 'coach', athleteId: null },
    }
    await expect(changePassword(context, 'not it', 'second password')).rejects.toMatchObject({
      fields: { password: expect.any(String) },
    })
    const version = await changePassword(context, 'first password', 'second password')
    const session = { organisationId: person.organisationId, personId: person.id }
    expect(await whoIs(base.db, { ...session, sessionVersion: person.sessionVersion }, NOW)).toBeNull()
    expect(await whoIs(base.db, { ...session, sessionVersion: version }, NOW)).not.toBeNull()
    await signOutEverywhere(context)
    expect(await whoIs(base.db, { ...session, sessionVersion: version }, NOW)).toBeNull()
    await mailResetLink(base.db, head.queue, 'http://test.example', email.toUpperCase(), NOW)
    await open(email, 'third password')
    await expect(signIn(base.db, { email, password: 'second password' })).rejects.toMatchObject({ code: 'wrongSignIn' })
    expect(await signIn(base.db, { email, password: 'third password' })).toMatchObject({ id: person.id })
  })

  it('are not reset for an address that nobody has, and nothing is said', async () => {
    const before = await base.owner('mail').count()
    await mailResetLink(base.db, head.queue, 'http://test.example', 'nobody@test.example', NOW)
    expect(await base.owner('mail').count()).toEqual(before)
    await expect(signIn(base.db, { email: 'nobody@test.example', password: 'x' })).rejects.toMatchObject({
      code: 'wrongSignIn',
    })
  })
})

describe('staff', () => {
  it('changes under a version, ends sessions, and a head coach cannot shut themselves out', async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'assistant')
    const id = context.actor.personId
    const [member] = (await staff(head)).filter(m => m.id === id)
    await changeStaff(head, id, { version: member!.version, role: 'coach', groupIds: [head.groupId], closed: false })
    await expect(changeStaff(head, id, { version: member!.version, role: 'coach', groupIds: [], closed: true })).rejects
      .toMatchObject({ code: 'changedElsewhere' })
    expect(await whoIs(base.db, { organisationId: head.actor.organisationId, personId: id, sessionVersion: 1 }, NOW))
      .toBeNull()
    await expect(changeStaff(head, head.actor.personId, { version: 1, role: 'coach', groupIds: [], closed: false }))
      .rejects.toMatchObject({ code: 'badInput' })
    await expect(changeStaff(stranger, id, { version: 2, role: 'coach', groupIds: [], closed: false })).rejects
      .toMatchObject({ code: 'notFound' })
  })
})

describe('an assistant', () => {
  it('reads which drills are left, and nothing a diagnosis could be read from', async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'assistant', { groupIds: [head.groupId] })
    const id = await add({ groupIds: [head.groupId], flags: ['bloodPressureHeart'] })
    const said = [
      JSON.stringify(await getAthlete(context, id)), JSON.stringify(await roster(context)),
      JSON.stringify(await weekSheet(context, id, '2026-03-02')),
    ]
    for (const text of said) {
      expect(text).not.toContain('bloodPressure')
      expect(text).not.toMatch(/noBreathHold|no:inverted|pressureRise|clearanceFirst/)
      expect(text).toContain('"left":["brace.low-breath"')
    }
  })
})

describe('a coach', () => {
  it('keeps athletes in own groups and leaves the groups of others alone', async () => {
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [head.groupId],
    })
    await expect(addAthlete(coach, randomUUID(), anAthlete())).rejects.toMatchObject({
      fields: { groupIds: expect.any(String) },
    })
    const far = randomUUID()
    await addGroup(head, { id: far, name: `Far ${far}` })
    const id = await add({ groupIds: [head.groupId, far] })
    expect((await getAthlete(coach, id)).groupIds).toEqual([head.groupId])
    const own = randomUUID()
    await addGroup(coach, { id: own, name: `Own ${own}` })
    await saveAthlete(coach, id, 1, anAthlete({ groupIds: [own] }))
    expect([...(await getAthlete(head, id)).groupIds].sort()).toEqual([far, own].sort())
    await expect(saveAthlete(coach, id, 2, anAthlete({ groupIds: [far] }))).rejects.toMatchObject({ code: 'badInput' })
  })
})

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
    expect(await theRecord(stranger, { athleteId: id })).toEqual([])
  })
})

describe('one athlete\'s data', () => {
  it('is exported whole', async () => {
    const id = await add({ name: 'Taken Along', flags: ['wrist'] })
    await storeWeek(head, id, '2026-03-02', 0, { sessions: [] })
    const all = await exportAthlete(head, id)
    expect(all).toMatchObject({
      format: 'keen-anchor-athlete', athlete: { name: 'Taken Along', flags: ['wrist'] }, weeks: [{ version: 1 }],
      sets: [],
    })
    await expect(exportAthlete(stranger, id)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('is erased on request, everywhere but in the fact that it was', async () => {
    const id = await add({ name: 'Gone For Good', flags: ['nightPain'] })
    const email = `gone-${id}@test.example`
    await inviteAthlete(head, id, { id: randomUUID(), email })
    await storeWeek({ ...head, write: { id: randomUUID(), fingerprint: 'f' } }, id, '2026-03-02', 0, { sessions: [] })
    await open(email, 'soon to be gone')
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [head.groupId],
    })
    await expect(eraseAthlete(coach, id, 'Gone For Good')).rejects.toMatchObject({ code: 'notFound' })
    await expect(eraseAthlete(head, id, 'gone for good')).rejects.toMatchObject({
      fields: { name: expect.any(String) },
    })
    expect(await eraseAthlete(head, id, 'Gone For Good')).toEqual({ erased: id })
    await expect(getAthlete(head, id)).rejects.toMatchObject({ code: 'notFound' })
    await expect(signIn(base.db, { email, password: 'soon to be gone' })).rejects.toMatchObject({ code: 'wrongSignIn' })
    const { rows: tables } = await base.owner.raw(
      `select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    )
    for (const { table_name: table } of tables) {
      const { rows } = await base.owner.raw(
        `select count(*)::int as n from ${table} t
          where t::text like ? or t::text like '%Gone For Good%' or t::text like ?`,
        [`%${id}%`, `%${email}%`],
      )
      if (table === 'audit') expect(rows[0].n).toBeGreaterThan(2)
      else expect([table, rows[0].n]).toEqual([table, 0])
    }
    const { rows } = await base.owner.raw(
      'select count(*)::int as n from audit where athlete_id = ? and (before is not null or after is not null)',
      [id],
    )
    expect(rows[0].n).toBe(0)
  })
})
