import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { closeLive } from '../live'
import { listen, type ToldHere } from '../live/listener'
import { addPerson, makeOrganisation, testDatabase } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { serveRoutes } from '../utils/testApp'
import type { Context } from './context'
import { addGroup } from './groups'
import { hashPassword } from './passwordHash'
import { maySee } from './sight'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-02'
const PASSWORD = 'a password for looking on'
const FAR = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let app: Awaited<ReturnType<typeof serveRoutes>>
const people: Record<string, { context: Context, email: string }> = {}
const [seen, unseen] = [nobody(), nobody()]
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  await addGroup(head, { id: FAR, name: 'Out of sight' })
  for (const groupId of [head.groupId, FAR]) await giveSeason(head, groupId, groupId)
  await fillAthlete(head, head.groupId, seen)
  await fillAthlete(head, FAR, unseen)
  await base.owner.raw('delete from mail; delete from account_token; delete from person where athlete_id is not null')
  const passwordHash = await hashPassword(PASSWORD)
  const { organisationId } = head.actor
  const add = async (role: 'headCoach' | 'coach' | 'assistant' | 'athlete', over: object): Promise<void> => {
    people[role] = await addPerson(base.db, organisationId, role, { passwordHash, ...over })
  }
  await add('headCoach', {})
  for (const role of ['coach', 'assistant'] as const) await add(role, { groupIds: [head.groupId] })
  await add('athlete', { athleteId: seen.id })
  app = await serveRoutes(base.url, base.appUrl)
}, 120_000)
afterAll(async () => {
  await closeLive()
  await app.close()
  await base.drop()
})

const changeWeek = async ({ id }: { id: string }): Promise<void> => {
  const { week: { version, plan } } = await weekSheet(head, id, MONDAY)
  await storeWeek(head, id, MONDAY, version, plan)
}

describe('changes', () => {
  it('are told as they are committed, of which kind and about whom, also after a line that was lost', async () => {
    const told: ToldHere[] = []
    const lines: boolean[] = []
    const listening = listen(base.appUrl, { told: one => told.push(one), line: there => lines.push(there) })
    await vi.waitFor(() => expect(lines).toEqual([true]))
    const another = nobody()
    await fillAthlete(head, head.groupId, another)
    const { organisationId } = head.actor
    for (const [topic, subject] of
      [['week', another.id], ['alerts', another.id], ['floor', head.groupId], ['run', another.runId]] as const)
      await vi.waitFor(() => expect(told).toContainEqual({ organisationId, topic, subject }))
    await base.owner.raw('select pg_terminate_backend(pid) from pg_stat_activity where application_name = ?',
      ['keen-anchor-live'])
    await vi.waitFor(() => expect(lines).toEqual([true, false, true]), 10_000)
    told.length = 0
    await changeWeek(seen)
    await vi.waitFor(() => expect(told).toContainEqual({ organisationId, topic: 'week', subject: seen.id }))
    await listening.close()
  })

  it('are told of to whoever may see whom they are about', async () => {
    const may = async (role: string): Promise<boolean[]> => {
      const sees = await maySee(people[role]!.context)
      return [
        sees({ topic: 'alerts', subject: seen.id }), sees({ topic: 'alerts', subject: unseen.id }),
        sees({ topic: 'week', subject: seen.id }), sees({ topic: 'week', subject: unseen.id }),
        sees({ topic: 'floor', subject: head.groupId }), sees({ topic: 'floor', subject: FAR }),
        sees({ topic: 'run', subject: seen.runId }),
      ]
    }
    expect(await may('headCoach')).toEqual([true, true, true, true, true, true, true])
    expect(await may('coach')).toEqual([true, false, true, false, true, false, true])
    expect(await may('assistant')).toEqual([true, false, true, false, true, false, false])
    expect(await may('athlete')).toEqual([true, false, false, false, false, false, false])
  })
})

describe('the line to a page', () => {
  async function cookieOf(email: string): Promise<string> {
    const answer = await fetch(`${app.url}/api/session`, {
      method: 'POST', body: JSON.stringify({ email, password: PASSWORD }),
      headers: { 'content-type': 'application/json' },
    })
    return answer.headers.get('set-cookie')!.split(';')[0]!
  }

  it('carries what the coach may see, and nothing else', async () => {
    const cookie = await cookieOf(people.coach!.email)
    const leave = new AbortController()
    const answer = await fetch(`${app.url}/api/live`, {
      headers: { cookie, accept: 'text/event-stream' }, signal: leave.signal,
    })
    expect(answer.headers.get('content-type')).toContain('text/event-stream')
    let text = ''
    const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader()
    const reading = (async () => {
      for (let part = await reader.read(); !part.done; part = await reader.read()) text += part.value
    })().catch(() => undefined)
    await vi.waitFor(() => expect(text).toContain('event: heard'), 10_000)
    await changeWeek(unseen)
    await changeWeek(seen)
    await vi.waitFor(() => expect(text).toContain(JSON.stringify({ topic: 'week', subject: seen.id })), 10_000)
    expect(text).not.toContain(unseen.id)
    leave.abort()
    await reading
  })

  it('is for whoever asks for one', async () => {
    const answer = await fetch(`${app.url}/api/live`, { headers: { cookie: await cookieOf(people.coach!.email) } })
    expect([answer.status, (await answer.json() as { code: string }).code]).toEqual([422, 'badInput'])
  })
})
