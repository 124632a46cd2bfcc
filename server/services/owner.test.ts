import { afterAll, beforeAll, expect, it } from 'vitest'
import { bareContext, signedInAs, testDatabase } from '../testing/database'
import { useLink } from './links'
import { ownerFounds, ownerInvites, ownerRecovers, type OwnersDesk } from './owner'
import { signIn } from './signIn'
import { whoIs } from './signedInOn'

const NOW = new Date()
let base: Awaited<ReturnType<typeof testDatabase>>
let desk: OwnersDesk
beforeAll(async () => {
  base = await testDatabase()
  desk = { db: base.db, publicUrl: 'https://anchor.example', now: NOW }
})
afterAll(() => base.drop())
const form = {
  organisationName: 'Outer Skerry Centre', timeZone: 'UTC', units: { mass: 'kg', length: 'cm' }, name: 'Runa Skerry',
  email: 'runa@skerry.example',
} as const
const choose = (link: string, password: string) =>
  useLink(bareContext(base.db), link.split('#')[1]!, password, null, new Date())

it('whoever owns the machine founds, invites and helps a last head coach back in, by links', async () => {
  const early = { name: 'Early', email: 'e@skerry.example', role: 'coach' } as const
  await expect(ownerInvites(desk, early)).rejects.toMatchObject({ code: 'notFound' })
  const { link } = await ownerFounds(desk, form)
  expect(link).toMatch(/^https:\/\/anchor\.example\/join#[\w-]{43}$/)
  await choose(link, 'a long first password')
  const runa = await signIn(base.db, { email: form.email, password: 'a long first password' })
  expect(runa).toMatchObject({ role: 'headCoach', name: 'Runa Skerry' })
  await expect(ownerFounds(desk, form)).rejects.toMatchObject({ code: 'alreadyExists' })

  const invited = await ownerInvites(desk, { name: 'Ivo Strand', email: 'ivo@skerry.example', role: 'coach' })
  const again = await ownerInvites(desk, { name: 'Ivo Strand', email: 'ivo@skerry.example', role: 'coach' })
  await expect(choose(invited.link, 'one that is too late')).rejects.toMatchObject({ code: 'linkOver' })
  await choose(again.link, 'kelp over nine rocks')
  await expect(ownerInvites(desk, { name: 'Ivo', email: 'ivo@skerry.example', role: 'coach' })).rejects.toMatchObject({
    code: 'alreadyExists',
  })

  await base.owner('second_factor').insert({
    organisation_id: runa.organisationId, person_id: runa.id, secret: 'A', confirmed_at: NOW,
  })
  await base.owner('passkey').insert({
    id: runa.id, organisation_id: runa.organisationId, person_id: runa.id, credential_id: 'x', public_key: 'A',
    counter: 0, name: 'Stolen',
  })
  const session = await signedInAs(base.db, runa, NOW)
  await expect(ownerRecovers(desk, 'ivo@skerry.example')).rejects.toMatchObject({ code: 'notFound' })
  const helped = await ownerRecovers(desk, 'Runa@skerry.example')
  expect([await whoIs(base.db, session, NOW), await base.owner('passkey')]).toEqual([null, []])
  await choose(helped.link, 'another long password')
  expect(await signIn(base.db, { email: form.email, password: 'another long password' })).toMatchObject({ id: runa.id })
  const actions = await base.owner('audit').whereNull('person_id').where({ role: 'system' }).pluck('action')
  expect(actions.sort()).toEqual(['account.recover', 'staff.invite', 'staff.invite'])
})
