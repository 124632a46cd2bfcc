import { randomUUID } from 'node:crypto'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { changePassword, signOutEverywhere } from './account'
import type { Context } from './context'
import { mailResetLink, useLink } from './links'
import { whoIs } from './signedInOn'
import { signIn } from './signIn'
import { inviteStaff } from './staff'
import { bareContext, makeOrganisation, signedInAs, testDatabase } from '../testing/database'

const NOW = new Date('2026-03-04T12:00:00Z')
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
/** The token in the last mail to an address. */
async function tokenFor(email: string): Promise<string> {
  const [mail] = await base.owner('mail').where({ recipient: email }).orderBy('created_at', 'desc')
  return /#([\w-]{43})/.exec(mail.body)![1]!
}
const open = async (email: string, password: string): Promise<string> => {
  await useLink(bareContext(base.db), await tokenFor(email), password, null, NOW)
  return password
}

const member = async (): Promise<{ email: string, person: Awaited<ReturnType<typeof signIn>> }> => {
  const email = `coach-${randomUUID()}@test.example`
  await inviteStaff(head, { id: randomUUID(), name: 'New Coach', email, role: 'coach', groupIds: [] })
  const password = await open(email, 'first password')
  return { email, person: await signIn(base.db, { email, password }) }
}
const contextOf = (person: Awaited<ReturnType<typeof signIn>>): Context => ({
  ...bareContext(base.db),
  actor: { organisationId: person.organisationId, personId: person.id, role: 'coach', athleteId: null },
})

describe('a change of password', () => {
  it('ends every link that was out, and its owner is told by mail', async () => {
    const { email, person } = await member()
    await mailResetLink(base.db, bareContext(base.db).queue, 'http://test.example', email, NOW)
    const token = await tokenFor(email)
    await changePassword(contextOf(person), 'first password', 'second password')
    await expect(useLink(bareContext(base.db), token, 'of a thief', null, NOW)).rejects.toMatchObject({
      code: 'linkOver',
    })
    const mails = await base.owner('mail').where({ recipient: email }).orderBy('created_at').pluck('subject')
    expect(mails.at(-1)).toBe('Your password for Keen Anchor was changed')
  })

  it('by a reset is told too', async () => {
    const { email } = await member()
    await mailResetLink(base.db, bareContext(base.db).queue, 'http://test.example', email, NOW)
    await useLink(bareContext(base.db), await tokenFor(email), 'reset password', null, NOW)
    expect(await base.owner('mail').where({ recipient: email }).pluck('subject')).toContain(
      'Your password for Keen Anchor was changed')
  })
})

describe('tries at an account', () => {
  it('that are wrong stand in the record, told of nobody', async () => {
    const { email, person } = await member()
    await expect(signIn(base.db, { email, password: 'not it' })).rejects.toMatchObject({ code: 'wrongSignIn' })
    const lines = await base.owner('audit').where({ subject_id: person.id, action: 'account.wrongSignIn' })
    expect(lines).toMatchObject([{ person_id: null, role: 'coach' }])
  })

  it('that are right keep a password of weaker figures as passwords are kept today, once; sessions go on', async () => {
    const { email, person } = await member()
    const weak = await new Scrypt({}).make('first password')
    await base.owner('person').where({ id: person.id }).update({ password_hash: weak })
    const session = await signedInAs(base.db, person, NOW)
    const hash = async (): Promise<string> =>
      (await base.owner('person').where({ id: person.id }).pluck('password_hash'))[0] as string
    await signIn(base.db, { email, password: 'first password' })
    const fresh = await hash()
    expect([fresh === weak, fresh.includes('p=5')]).toEqual([false, true])
    await signIn(base.db, { email, password: 'first password' })
    expect(await hash()).toBe(fresh)
    expect(await whoIs(base.db, session, NOW)).not.toBeNull()
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
    const before = await signedInAs(base.db, person, NOW)
    const version = await changePassword(context, 'first password', 'second password')
    const after = await signedInAs(base.db, { ...person, sessionVersion: version }, NOW)
    expect(await whoIs(base.db, before, NOW)).toBeNull()
    expect(await whoIs(base.db, after, NOW)).not.toBeNull()
    await signOutEverywhere(context)
    expect(await whoIs(base.db, after, NOW)).toBeNull()
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
