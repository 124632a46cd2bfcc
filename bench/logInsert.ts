import { randomUUID } from 'node:crypto'
import { addDays } from '~~/core/calendar'
import { asSystemOf, connect, inOrganisation } from '../server/database/connection'
import { insertLogs } from '../server/repositories/setLogs'
import type { RosterPage, RosterRow, SetLogInput, StoredSetLog, Today } from '~~/shared/types'
import { sideBySide, spread } from './timing'

/** Sets of a whole session, as a device that was without a line sends them. */
const MANY = 20

/** Sets logged through the route of the running server, against the same insert straight into PostgreSQL. */
export async function benchLogInsert(baseUrl: string, appUrl: string): Promise<string> {
  const { cookie, csrf } = await signIn(baseUrl)
  const ask = async <T>(path: string): Promise<T> =>
    (await fetch(baseUrl + path, { headers: { cookie } })).json() as Promise<T>
  const { rows } = await ask<RosterPage>('/api/athletes')
  const { today, item, athleteId } = await anItem(ask, rows)
  const db = connect(appUrl, 2)
  const [owner] = (await db.transaction(async (tx) => {
    await tx.raw('select set_config(\'keen.sign_in_email\', \'head@larkholm.example\', true)')
    return tx('person').where({ email: 'head@larkholm.example' })
      .select<{ id: string, organisation_id: string }[]>('id', 'organisation_id')
  }))
  let requests = 0
  // Each on a day of its own: a set that stands where one was done already is one with it.
  const some = (count: number): SetLogInput[] => {
    const day = addDays(today, -++requests)
    return Array.from({ length: count }, (_, i) => ({
      id: randomUUID(), prescribedItemId: item.id, day, performedAt: `${day}T10:00:00.000Z`, setNumber: i + 1,
      side: item.sides === 'each' ? 'left' : null, amount: 10, breakPoint: 'none', setting: {}, feltAt: [], effort: 5,
      painAt: null, note: '',
    }))
  }
  const viaRoute = async (count: number): Promise<void> => {
    const answer = await fetch(`${baseUrl}/api/logs`, {
      method: 'POST',
      headers: { cookie, 'x-keen-csrf': csrf, 'x-keen-write': randomUUID(), 'content-type': 'application/json' },
      body: JSON.stringify({ logs: some(count) }),
    })
    if (!answer.ok) throw new Error(`the route answered ${answer.status}: ${await answer.text()}`)
  }
  const straight = (count: number): Promise<void> => inOrganisation(db, asSystemOf(owner!.organisation_id), tx =>
    insertLogs(tx, owner!.organisation_id, owner!.id, some(count).map((log): StoredSetLog => ({
      ...log, athleteId, variationId: item.variationId, unit: item.dose.unit, tempo: item.dose.tempo ?? null,
    }))))
  const lines: string[] = []
  for (const count of [1, MANY]) {
    const work = [() => viaRoute(count), () => straight(count)] as const
    await sideBySide(20, ...work)
    const times = await sideBySide(200, ...work)
    const [route, direct] = [spread(times.a), spread(times.b)]
    lines.push(`${count} ${count === 1 ? 'set' : 'sets in one request'} stored: route median `
      + `${route.median.toFixed(2)} ms (p95 ${route.p95.toFixed(2)}), straight insert `
      + `${direct.median.toFixed(2)} ms (p95 ${direct.p95.toFixed(2)}), `
      + `ratio ${(route.median / direct.median).toFixed(1)}`)
  }
  await db.destroy()
  return lines.join('\n')
}

async function signIn(baseUrl: string): Promise<{ cookie: string, csrf: string }> {
  const answer = await fetch(`${baseUrl}/api/session`, {
    method: 'POST', headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ email: 'head@larkholm.example', password: 'anchor-demo' }),
  })
  const { csrf } = await answer.json() as { csrf: string }
  return { csrf, cookie: answer.headers.getSetCookie().map(c => c.split(';')[0]).join('; ') }
}

/** Any drill that somebody of the demo has ahead this week or did today. */
async function anItem(ask: <T>(path: string) => Promise<T>, rows: readonly RosterRow[]) {
  for (const { athlete } of rows) {
    const today = await ask<Today>(`/api/athletes/${athlete.id}/today`)
    const sessionId = today.session?.id ?? today.nextDays[0]?.sessionId
    if (!sessionId) continue
    const { session } = await ask<Today>(`/api/sessions/${sessionId}`)
    const item = session?.items[0]
    if (item) return { today: today.day, item, athleteId: athlete.id }
  }
  throw new Error('Nobody in the demo has a session this week.')
}
