import { randomUUID } from 'node:crypto'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { SeasonShape } from '~~/core/season'
import type { SeasonChange } from '~~/shared/types'
import { changeSeason } from './changeSeason'
import { addGroup } from './groups'
import { readSource } from './readSource'
import { makeOrganisation, testDatabase } from '../testing/database'

const MONDAY = '2026-03-02'
const SHAPE: SeasonShape = {
  startsOn: MONDAY, weeks: 10, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [
    { phase: 'preSeason', least: 3, most: 6, start: 0, volume: 18, opening: { braceStep: null, done: null } },
    { phase: 'inSeason', least: 3, most: 8, start: 4, volume: 12, opening: { braceStep: null, done: null } },
  ],
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let groupId = ''
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
/** Each test has a squad of its own. */
beforeEach(async () => {
  groupId = randomUUID()
  await addGroup(head, { id: groupId, name: `Squad ${groupId.slice(0, 6)}` })
})
const change = (over: Partial<SeasonChange> = {}): SeasonChange => ({
  version: 0, title: 'The season is planned', shape: SHAPE, put: [], cancel: [], pins: [], prefer: null, expect: null,
  replan: true, ...over,
})

describe('a calendar read from an address', () => {
  let server: Server
  let host = ''
  let body = ''
  beforeAll(async () => {
    server = createServer((request, response) => {
      if (request.url === '/away') response.writeHead(302, { location: 'http://127.0.0.1:1/' }).end()
      else response.writeHead(request.url === '/none' ? 404 : 200).end(body)
    })
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
    host = `127.0.0.1:${(server.address() as AddressInfo).port}`
  })
  afterAll(() => new Promise(resolve => server.close(resolve)))
  const ask = (path: string, hosts = [host]) =>
    readSource(head, { groupId, kind: 'competition', text: null, url: `http://${host}${path}` }, hosts)
  const calendar = (day: string): string =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nX-WR-CALNAME:Federation\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Open\r\n`
    + `DTSTART;VALUE=DATE:${day}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`

  it('is taken over by a repair and known again when it is read again', async () => {
    body = calendar('20260418')
    const { found } = await ask('/')
    expect(found.map(f => f.state)).toEqual(['new'])
    await changeSeason(head, groupId, change({ put: found.map(f => f.entry) }))
    expect((await ask('/')).found.map(f => f.state)).toEqual(['same'])
    body = calendar('20260426')
    expect((await ask('/')).found.map(f => [f.state, f.before?.day, f.entry.day])).toEqual([[
      'changed', '2026-04-18', '2026-04-26',
    ]])
  })

  it('is read from hosts that the installation names, and from no other', async () => {
    await expect(ask('/', [])).rejects.toMatchObject({
      code: 'badInput',
      fields: { url: expect.stringContaining('switched off') as unknown },
    })
    await expect(ask('/', ['calendar.example'])).rejects.toMatchObject({ code: 'badInput' })
    await expect(ask('/away')).rejects.toMatchObject({ fields: { url: 'The calendar’s server could not be reached.' } })
    await expect(ask('/none')).rejects.toMatchObject({ fields: { url: 'The calendar’s server answered 404.' } })
    body = 'x'.repeat(700_000)
    await expect(ask('/')).rejects.toMatchObject({ fields: { url: 'The calendar is too large.' } })
  })
})
