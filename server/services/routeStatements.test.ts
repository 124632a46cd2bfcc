import { afterAll, beforeAll, expect, it, vi } from 'vitest'
import { addPerson, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { ROUTE_RULES, type RouteRule } from '../utils/accessRules'
import { useRuntime } from '../utils/runtime'
import { serveRoutes } from '../utils/testApp'
import { hashPassword } from './passwordHash'

const MONDAY = '2026-03-02'
const PASSWORD = 'a password for counting'
/** These ask for a secret of their own, never end, or ask nothing of the database. */
const ELSEWHERE = /:token|\/stream|\/live|\/health|\/ready/

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let app: Awaited<ReturnType<typeof serveRoutes>>
let cookie: string
const seen = nobody()

beforeAll(async () => {
  // A machine that is busy keeps what took it long: here nothing takes any time.
  vi.useFakeTimers({ toFake: ['Date'], now: new Date(`${TODAY}T12:00:00Z`) })
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  await giveSeason(head, head.groupId)
  await fillAthlete(head, head.groupId, seen)
  const passwordHash = await hashPassword(PASSWORD)
  const { email } = await addPerson(base.db, head.actor.organisationId, 'headCoach', { passwordHash })
  app = await serveRoutes(base.url, base.appUrl)
  const answer = await fetch(`${app.url}/api/session`, {
    method: 'POST', body: JSON.stringify({ email, password: PASSWORD }),
    headers: { 'content-type': 'application/json' },
  })
  cookie = answer.headers.get('set-cookie')!.split(';')[0]!
}, 120_000)
afterAll(async () => {
  vi.useRealTimers()
  await app.close()
  await base.drop()
})

function addressOf(path: string): string {
  const id = path.includes('/plan-runs/') ? seen.runId : path.includes('/sessions/') ? seen.sessionId : seen.id
  return path.replace(':groupId', head.groupId).replace(':id', id).replace(':itemId', seen.itemId)
    .replace(':startsOn', MONDAY).replace(':from', MONDAY).replace(':to', '2026-03-08')
}

/** Statements of each route that reads, for a head coach, those that begin and end its transactions too. */
async function counted(): Promise<Record<string, number>> {
  const found: Record<string, number> = {}
  const { db } = useRuntime()
  let sent = 0
  const count = (): void => { sent += 1 }
  for (const [name, { who }] of Object.entries(ROUTE_RULES as Record<string, RouteRule>)) {
    const asked = name.startsWith('GET ') && !ELSEWHERE.test(name)
    if (!asked || !(who === 'anybody' || who.includes('headCoach'))) continue
    const path = name.slice('GET '.length)
    const ask = async (): Promise<void> => {
      const answer = await fetch(app.url + addressOf(path), { headers: { cookie } })
      expect([name, answer.status, answer.ok || await answer.text()]).toEqual([name, 200, true])
    }
    // What a server keeps is there from the second time on.
    await ask()
    sent = 0
    db.on('query', count)
    await ask()
    db.off('query', count)
    found[path] = sent
  }
  return found
}

it('every page asks the database as often as it is written down here, however many athletes there are', async () => {
  const forOne = await counted()
  expect(forOne).toMatchInlineSnapshot(`
    {
      "/api/alerts": 4,
      "/api/athletes": 12,
      "/api/athletes/:id": 5,
      "/api/athletes/:id/assessment": 13,
      "/api/athletes/:id/export": 24,
      "/api/athletes/:id/guardian": 6,
      "/api/athletes/:id/history/:from": 12,
      "/api/athletes/:id/reports": 5,
      "/api/athletes/:id/review/:from/:to": 24,
      "/api/athletes/:id/season": 7,
      "/api/athletes/:id/series/:from": 14,
      "/api/athletes/:id/today": 16,
      "/api/athletes/:id/traces/:from": 8,
      "/api/athletes/:id/weeks/:startsOn": 21,
      "/api/athletes/:id/weeks/:startsOn/version": 5,
      "/api/beginning": 4,
      "/api/catalogue": 4,
      "/api/day": 16,
      "/api/decisions": 22,
      "/api/facility": 5,
      "/api/feeds": 4,
      "/api/floor/:groupId": 15,
      "/api/floor/:groupId/board": 5,
      "/api/groups": 4,
      "/api/instruments": 1,
      "/api/plan-runs": 4,
      "/api/plan-runs/:id": 5,
      "/api/record": 7,
      "/api/rooms": 4,
      "/api/rules": 7,
      "/api/seasons": 11,
      "/api/session": 4,
      "/api/session/devices": 5,
      "/api/session/passkeys": 4,
      "/api/sessions/:id": 11,
      "/api/sessions/:id/swaps/:itemId": 25,
      "/api/sports": 4,
      "/api/staff": 4,
      "/api/tests": 4,
      "/api/trials": 11,
    }
  `)
  for (let i = 0; i < 2; i++) await fillAthlete(head, head.groupId, nobody())
  expect(await counted()).toEqual(forOne)
}, 120_000)
