import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { changePassword, signOutEverywhere } from './account'
import type { Context } from './context'
import { mailResetLink, useLink } from './links'
import { signIn, whoIs } from './signIn'
import { inviteStaff } from './staff'
import { bareContext, makeOrganisation, testDatabase } from '../testing/database'

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
  await useLink(base.db, await tokenFor(email), password, null, NOW)
  return password
}

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
