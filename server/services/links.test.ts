import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete, getAthlete, inviteAthlete } from './athletes'
import type { Context } from './context'
import { useLink } from './links'
import { whoIs } from './signedInOn'
import { signIn } from './signIn'
import { inviteStaff } from './staff'
import { bareContext, anAthlete, makeOrganisation, signedInAs, testDatabase, TODAY } from '../testing/database'

const NOW = new Date('2026-03-04T12:00:00Z')
let base: Awaited<ReturnType<typeof testDatabase>>
let doors: ReturnType<typeof bareContext>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  doors = bareContext(base.db)
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
  await useLink(doors, await tokenFor(email), password, null, NOW)
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
    await expect(useLink(doors, token, 'another one', null, NOW)).rejects.toMatchObject({ code: 'linkOver' })
    const person = await signIn(base.db, { email: email.toUpperCase(), password: 'strand and keel' })
    expect(person).toMatchObject({ role: 'athlete', athleteId: id })
    const session = await signedInAs(base.db, person, NOW)
    expect((await whoIs(base.db, session, NOW))?.me).toMatchObject({ name: 'With Phone', today: TODAY })
    expect(await getAthlete(head, id)).toMatchObject({ accountState: 'active' })
    await expect(inviteAthlete(head, id, { id: randomUUID(), email })).rejects.toMatchObject({ code: 'alreadyExists' })
  })

  it('end when they are too old, and when a newer one is sent', async () => {
    const id = await add()
    const email = `late-${id}@test.example`
    await inviteAthlete(head, id, { id: randomUUID(), email })
    const first = await tokenFor(email)
    await expect(useLink(doors, first, 'long enough here', null, new Date('2126-01-01'))).rejects.toMatchObject({
      code: 'linkOver',
    })
    await inviteAthlete(head, id, { id: randomUUID(), email: `new-${email}` })
    await expect(useLink(doors, first, 'long enough here', null, NOW)).rejects.toMatchObject({ code: 'linkOver' })
    await open(`new-${email}`, 'long enough here')
    await expect(useLink(doors, 'x'.repeat(43), 'long enough here', null, NOW)).rejects.toMatchObject({
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
