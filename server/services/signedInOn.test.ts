import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asSystemOf, inOrganisation } from '../database/connection'
import { addPerson, anAthlete, makeOrganisation, signedInAs, testDatabase } from '../testing/database'
import { addAthlete } from './athletes'
import type { Context } from './context'
import { deviceKey, devices, endDevice, endSignIn, forgetUnused, whoIs } from './signedInOn'

const [HOUR_MS, DAY_MS] = [3_600_000, 86_400_000]
const NOW = new Date('2026-03-04T12:00:00Z')
const later = (ms: number): Date => new Date(NOW.getTime() + ms)
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

const person = ({ actor: { organisationId, personId: id } }: Context) => ({ organisationId, id, sessionVersion: 1 })
const athlete = async () => {
  const athleteId = randomUUID()
  await addAthlete(head, athleteId, anAthlete())
  return (await addPerson(base.db, head.actor.organisationId, 'athlete', { athleteId })).context
}

describe('a sign-in', () => {
  it('ends on the server when somebody signs out there, and no other does', async () => {
    const [here, there] = [await signedInAs(base.db, person(head), NOW), await signedInAs(base.db, person(head), NOW)]
    await endSignIn(head, here.signInId)
    expect([await whoIs(base.db, here, NOW), (await whoIs(base.db, there, NOW))?.me.role]).toEqual([null, 'headCoach'])
    const lines = await base.owner('audit').where({ action: 'account.signOut', person_id: head.actor.personId })
    expect(lines).toHaveLength(1)
    // Once more is nothing.
    await endSignIn(head, here.signInId)
    expect(await base.owner('audit').where({ action: 'account.signOut' })).toHaveLength(1)
  })

  it('ends after twelve hours without use, and lasts as long as it is used', async () => {
    const one = await signedInAs(base.db, person(head), NOW)
    expect(await whoIs(base.db, one, later(11 * HOUR_MS))).not.toBeNull()
    expect(await whoIs(base.db, one, later(22 * HOUR_MS))).not.toBeNull()
    expect(await whoIs(base.db, one, later(34 * HOUR_MS))).toBeNull()
  })

  it('ends after two weeks however much it is used', async () => {
    const one = await signedInAs(base.db, person(head), NOW)
    for (let hour = 10; hour < 14 * 24; hour += 10) await whoIs(base.db, one, later(hour * HOUR_MS))
    expect(await whoIs(base.db, one, later(14 * DAY_MS))).toBeNull()
  })

  it('lasts thirty days on an athlete’s own device; a coach has none', async () => {
    const phone = await signedInAs(base.db, person(await athlete()), NOW, true)
    const tablet = await signedInAs(base.db, person(head), NOW, true)
    expect(await whoIs(base.db, tablet, later(13 * HOUR_MS))).toBeNull()
    expect(await whoIs(base.db, phone, later(29 * DAY_MS))).not.toBeNull()
    expect(await whoIs(base.db, phone, later(60 * DAY_MS))).toBeNull()
  })

  it('of another organisation is nobody here', async () => {
    const other = await makeOrganisation(base.db)
    const { signInId } = await signedInAs(base.db, person(other), NOW)
    expect(await whoIs(base.db, { organisationId: head.actor.organisationId, signInId }, NOW)).toBeNull()
  })
})

describe('devices', () => {
  it('are listed and signed out one by one by their person, and by nobody else', async () => {
    const context = await athlete()
    const here = await signedInAs(base.db, person(context), NOW)
    const there = await signedInAs(base.db, person(context), later(HOUR_MS))
    expect(await devices(context, here.signInId, later(HOUR_MS))).toMatchObject([
      { id: there.signInId, here: false, device: 'A test' }, { id: here.signInId, here: true },
    ])
    await expect(endDevice(head, there.signInId, here.signInId, NOW)).rejects.toMatchObject({ code: 'notFound' })
    expect(await endDevice(context, there.signInId, here.signInId, NOW)).toMatchObject([{ id: here.signInId }])
    expect(await whoIs(base.db, there, NOW)).toBeNull()
  })

  it('lock what they keep with a key that is one person’s on all of them', async () => {
    const [one, other] = [await athlete(), await athlete()]
    const key = await deviceKey(base.db, person(one))
    expect(Buffer.from(key, 'base64url')).toHaveLength(32)
    expect([await deviceKey(base.db, person(one)), await deviceKey(base.db, person(other))]).toEqual(
      [key, expect.not.stringMatching(key)])
  })

  it('that nobody used for too long are forgotten', async () => {
    const context = await athlete()
    await signedInAs(base.db, person(context), NOW)
    const kept = await signedInAs(base.db, person(context), NOW, true)
    const { organisationId } = head.actor
    await inOrganisation(base.db, asSystemOf(organisationId), tx => forgetUnused(tx, organisationId, later(DAY_MS)))
    expect(await base.owner('sign_in').where({ person_id: context.actor.personId }).pluck('id')).toEqual(
      [kept.signInId])
  })
})
