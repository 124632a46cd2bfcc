import { afterAll, beforeAll, expect, it } from 'vitest'
import { addPerson, makeOrganisation, testDatabase } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { serveRoutes } from '../utils/testApp'
import { hashPassword } from './passwordHash'

const PASSWORD = 'a password for reading late'

let base: Awaited<ReturnType<typeof testDatabase>>
/** A copy that is so far behind that nobody is in it yet. */
let replica: Awaited<ReturnType<typeof testDatabase>>
let app: Awaited<ReturnType<typeof serveRoutes>>
beforeAll(async () => {
  ;[base, replica] = [await testDatabase(), await testDatabase()]
  process.env.DATABASE_REPLICA_URL = replica.appUrl
  app = await serveRoutes(base.url, base.appUrl)
}, 120_000)
afterAll(async () => {
  delete process.env.DATABASE_REPLICA_URL
  await app.close()
  await Promise.all([base.drop(), replica.drop()])
})

it('reviews are read where a replica is named, and everything else where it is written', async () => {
  const head = await makeOrganisation(base.db)
  const one = nobody()
  await giveSeason(head, head.groupId)
  await fillAthlete(head, head.groupId, one)
  const { email } = await addPerson(base.db, head.actor.organisationId, 'headCoach', {
    passwordHash: await hashPassword(PASSWORD),
  })
  const signedIn = await fetch(`${app.url}/api/session`, {
    method: 'POST', body: JSON.stringify({ email, password: PASSWORD }),
    headers: { 'content-type': 'application/json' },
  })
  const cookie = signedIn.headers.get('set-cookie')!.split(';')[0]!
  const statusOf = async (path: string): Promise<number> =>
    (await fetch(`${app.url}/api/athletes/${one.id}${path}`, { headers: { cookie } })).status
  expect(await statusOf('')).toBe(200)
  expect(await statusOf('/series/2026-03-02')).toBe(200)
  expect(await statusOf('/review/2026-03-02/2026-03-08')).toBe(404)
})
