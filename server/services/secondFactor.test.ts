import { Secret, TOTP } from 'otpauth'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addPerson, makeOrganisation, testDatabase } from '../testing/database'
import type { Context } from './context'
import { hashPassword } from './passwordHash'
import { addFactor, endFactor, prepareFactor } from './secondFactor'
import { signIn } from './signIn'

const PASSWORD = 'strand and keel'
const NOW = new Date('2026-03-04T12:00:10Z')
const later = (seconds: number): Date => new Date(NOW.getTime() + seconds * 1000)
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let passwordHash: string
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  passwordHash = await hashPassword(PASSWORD)
})
afterAll(() => base.drop())

const coach = () => addPerson(base.db, head.actor.organisationId, 'coach', { passwordHash })
const codeAt = (secret: string, now: Date): string =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: now.getTime() })
const enter = (email: string, code: string | undefined, now: Date) =>
  signIn(base.db, { email, password: PASSWORD, ...code ? { code } : {} }, null, now)
async function withFactor(): Promise<{ context: Context, email: string, secret: string, recovery: readonly string[] }> {
  const { context, email } = await coach()
  const { secret } = await prepareFactor(context, PASSWORD)
  const { recovery } = await addFactor(context, codeAt(secret, NOW), NOW)
  return { context, email, secret, recovery }
}

describe('a second factor', () => {
  it('makes the codes of the published vectors', () => {
    // RFC 6238 (2011), appendix B: SHA-1, eight digits, of which apps show the last six.
    const secret = Secret.fromUTF8('12345678901234567890').base32
    expect([59, 1_111_111_109, 20_000_000_000].map(s => codeAt(secret, new Date(s * 1000)))).toEqual(
      ['287082', '081804', '353130'])
  })

  it('is asked for once a first code was shown, and not before', async () => {
    const { context, email } = await coach()
    await expect(prepareFactor(context, 'not it')).rejects.toMatchObject({ fields: { password: expect.any(String) } })
    const { secret, uri } = await prepareFactor(context, PASSWORD)
    expect(uri).toMatch(/^otpauth:\/\/totp\/Keen%20Anchor:/)
    expect(await enter(email, undefined, NOW)).toMatchObject({ email })
    await expect(addFactor(context, '000000', NOW)).rejects.toMatchObject({ fields: { code: expect.any(String) } })
    const { recovery } = await addFactor(context, codeAt(secret, NOW), NOW)
    expect(new Set(recovery).size).toBe(10)
    await expect(enter(email, undefined, NOW)).rejects.toMatchObject({ code: 'codeNeeded' })
    await expect(prepareFactor(context, PASSWORD)).rejects.toMatchObject({ code: 'alreadyExists' })
    const mails = await base.owner('mail').where({ recipient: email }).pluck('body')
    expect(mails.join()).toContain('second factor of your sign-in was added')
  })

  it('lets a code in once, a step early or late, and no other', async () => {
    const { email, secret } = await withFactor()
    await expect(enter(email, codeAt(secret, NOW), NOW)).rejects.toMatchObject({ code: 'wrongSignIn' })
    const next = codeAt(secret, later(60))
    expect(await enter(email, `${next.slice(0, 3)} ${next.slice(3)}`, later(35))).toMatchObject({ email })
    await expect(enter(email, next, later(60))).rejects.toMatchObject({ fields: { code: expect.any(String) } })
    await expect(enter(email, codeAt(secret, later(300)), later(60))).rejects.toMatchObject({ code: 'wrongSignIn' })
  })

  it('tells nobody that there is one who does not know the password', async () => {
    const { email } = await withFactor()
    await expect(signIn(base.db, { email, password: 'not it' })).rejects.toMatchObject({ code: 'wrongSignIn' })
  })

  it('is stood in for by each recovery code once, which the record tells', async () => {
    const { context, email, recovery } = await withFactor()
    expect(await enter(email, recovery[0]!.toLowerCase().replace('-', ' '), NOW)).toMatchObject({ email })
    await expect(enter(email, recovery[0]!, NOW)).rejects.toMatchObject({ code: 'wrongSignIn' })
    const actions = await base.owner('audit').where({ subject_id: context.actor.personId }).pluck('action')
    expect(actions.sort()).toEqual(['account.factor', 'account.recoveryCode', 'account.wrongSignIn'])
  })

  it('is taken away by whoever knows the password', async () => {
    const { context, email } = await withFactor()
    await expect(endFactor(context, 'not it')).rejects.toMatchObject({ code: 'badInput' })
    await endFactor(context, PASSWORD)
    expect(await enter(email, undefined, NOW)).toMatchObject({ email })
    await expect(endFactor(context, PASSWORD)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('of two tries with one code at once lets one in', async () => {
    const { email, secret } = await withFactor()
    const code = codeAt(secret, later(90))
    const both = await Promise.allSettled([enter(email, code, later(90)), enter(email, code, later(90))])
    expect(both.map(one => one.status).sort()).toEqual(['fulfilled', 'rejected'])
  })
})
