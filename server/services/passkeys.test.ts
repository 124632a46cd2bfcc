import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addPerson, bareContext, makeOrganisation, testDatabase } from '../testing/database'
import type { Context } from './context'
import { mailResetLink, useLink } from './links'
import { addPasskey, endPasskey, newPasskeyOptions, passkeys, passkeySignInOptions, signInByPasskey } from './passkeys'
import { hashPassword } from './passwordHash'

const PASSWORD = 'strand and keel'
const ASKED = { challenge: 'c', publicUrl: 'https://anchor.example/base' }
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let passwordHash: string
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  passwordHash = await hashPassword(PASSWORD)
})
afterAll(() => base.drop())
const coach = async (): Promise<{ context: Context, email: string }> => {
  const { context, email } = await addPerson(base.db, head.actor.organisationId, 'coach', { passwordHash })
  return { context: { ...context, publicUrl: ASKED.publicUrl }, email }
}
/** As if a device had made one: the browser's test makes a real one. */
async function aKeyOf({ actor: { organisationId, personId } }: Context): Promise<{ id: string, credential: string }> {
  const [id, credential] = [randomUUID(), randomUUID()]
  await base.owner('passkey').insert({
    id, organisation_id: organisationId, person_id: personId, credential_id: credential, public_key: 'AA', counter: 3,
    name: 'Phone',
  })
  return { id, credential }
}

describe('a passkey', () => {
  it('is asked for by name of the site, with a lock of the device, and only with the password', async () => {
    const { context } = await coach()
    const { credential } = await aKeyOf(context)
    await expect(newPasskeyOptions(context, 'not it')).rejects.toMatchObject({ code: 'badInput' })
    expect(await newPasskeyOptions(context, PASSWORD)).toMatchObject({
      rp: { id: 'anchor.example' }, excludeCredentials: [{ id: credential }],
      authenticatorSelection: { userVerification: 'required', residentKey: 'required' },
    })
    const [one, other] = [await passkeySignInOptions(ASKED.publicUrl), await passkeySignInOptions(ASKED.publicUrl)]
    expect([one.challenge === other.challenge, one]).toMatchObject([false, { rpId: 'anchor.example' }])
  })

  it('that is none, or was not asked for, makes nothing and lets nobody in', async () => {
    const { context } = await coach()
    const { credential } = await aKeyOf(context)
    const refused = { code: 'wrongSignIn' }
    await expect(addPasskey(context, { name: 'x', response: { id: 'x' } }, 'c')).rejects.toMatchObject(refused)
    const shown = (response: object) => signInByPasskey(base.db, { response }, ASKED, null, new Date())
    for (const response of [{}, { id: 7 }, { id: 'unknown' }, { id: credential, response: {} }])
      await expect(shown(response)).rejects.toMatchObject(refused)
    expect(await base.owner('audit').where({ action: 'account.signIn' })).toEqual([])
  })

  it('is its owner’s to see and to take away, told by mail, and goes with a reset', async () => {
    const { context, email } = await coach()
    const [first, second] = [await aKeyOf(context), await aKeyOf(context)]
    expect(await passkeys(head)).toEqual([])
    await expect(endPasskey(head, first.id)).rejects.toMatchObject({ code: 'notFound' })
    expect(await endPasskey(context, first.id)).toMatchObject([{ id: second.id, name: 'Phone', usedAt: null }])
    expect(await base.owner('mail').where({ recipient: email }).pluck('subject')).toEqual(
      ['Your passkeys for Keen Anchor were changed'])
    const now = new Date()
    await mailResetLink(base.db, head.queue, 'http://test.example', email, now)
    const [mail] = await base.owner('mail').where({ recipient: email }).orderBy('created_at', 'desc')
    await useLink(bareContext(base.db), /#([\w-]{43})/.exec(mail.body)![1]!, 'another long one', null, now)
    expect(await passkeys(context)).toEqual([])
  })
})
