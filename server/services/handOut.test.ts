import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete, getAthlete, inviteAthlete } from './athletes'
import type { Context } from './context'
import { eraseAthlete, exportAthlete } from './erasure'
import { useLink } from './links'
import { signIn } from './signIn'
import { bareContext, addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek } from './weeks'

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
  await useLink(bareContext(base.db), await tokenFor(email), password, null, NOW)
  return password
}

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
      expect([table, rows[0].n]).toEqual([table, 0])
    }
    const lines = await base.owner('audit').where({ organisation_id: head.actor.organisationId })
    expect(lines.filter(line => line.blanked).length).toBeGreaterThan(2)
    expect(lines.map(line => line.action)).toContain('athlete.erase')
  })
})
