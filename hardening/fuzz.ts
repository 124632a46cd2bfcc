// npm run fuzz -- --cases N --seed S: wrong, huge and hostile requests at every route. A server error, a leaked
// detail or an answer out of shape is a failure.
import pg from 'pg'
import { ROUTE_RULES } from '../server/utils/accessRules'
import { hostileBody, hostileHeaders, hostilePath } from './hostile'
import { argument, Luck } from './random'
import { signedInAs } from './signedInAs'
import { TEMPLATES } from './templates'

const base = process.env.HARDENING_URL!
const cases = argument('cases', 2000)
const seed = argument('seed', 1)
const IN_FLIGHT = 8
const WHO = [
  'head@larkholm.example', 'coach@larkholm.example', 'assistant@larkholm.example', 'ilse@larkholm.example', null,
] as const
const LEAK = /\bat .+:\d+:\d+|node_modules|\.ts:|\bselect\b.+\bfrom\b|pg_|keen_anchor_app|row-level security|knex/i

interface Session { readonly cookie: string, readonly csrf: string, readonly ids: string[] }
const sessions = new Map<string, Session>()
const owner = new pg.Client({ connectionString: process.env.DATABASE_URL! })
await owner.connect()

/** As if the password had been typed: hostile tries have long had the account and the address throttled. */
async function signIn(email: string): Promise<Session> {
  const [visitor] = await signedInAs(owner, [email], process.env.SESSION_PASSWORD!)
  if (!visitor) throw new Error(`${email} is not there any more.`)
  const { cookie, 'x-keen-csrf': csrf } = visitor.headers as { 'cookie': string, 'x-keen-csrf': string }
  const roster = await fetch(`${base}/api/athletes`, { headers: { cookie } })
  const ids = roster.ok
    ? (await roster.json() as { rows: { athlete: { id: string } }[] }).rows.map(row => row.athlete.id)
    : [visitor.athleteId ?? '']
  return { cookie, csrf, ids }
}

const counts = new Map<string, number>()
const failures: string[] = []
let sent = 0

/** One request, made from its own seed, so that a failure can be made again alone. */
// eslint-disable-next-line complexity -- a list of questions, each a line of its own
async function oneCase(index: number): Promise<void> {
  const luck = new Luck(seed * 1_000_003 + index)
  const name = luck.pick(Object.keys(ROUTE_RULES))
  const [method, path] = name.split(' ') as [string, string]
  const who = luck.pick(WHO)
  const session = who ? sessions.get(who)! : null
  const address = base + hostilePath(luck, path, session?.ids ?? [])
  const { body, type } = hostileBody(luck, TEMPLATES[name]?.(luck, session?.ids ?? []) ?? {})
  const headers = hostileHeaders(luck, { type, cookie: session?.cookie, csrf: session?.csrf })
  const answer = await fetch(address, {
    method, headers, redirect: 'manual', ...(method === 'GET' ? {} : { body: body as BodyInit, duplex: 'half' }),
  } as RequestInit)
  const text = await answer.text()
  sent += 1
  counts.set(String(answer.status), (counts.get(String(answer.status)) ?? 0) + 1)
  const say = (what: string): void => {
    failures.push(`case ${index} ${name} as ${who ?? 'visitor'}: ${what} · ${answer.status} ${text.slice(0, 300)}`)
  }
  if (answer.status >= 500) say('server error')
  if (answer.status >= 400) {
    let shape: { code?: unknown, message?: unknown } = {}
    try {
      shape = JSON.parse(text) as typeof shape
    }
    catch {
      say('not JSON')
    }
    if (typeof shape.code !== 'string' || typeof shape.message !== 'string') say('out of shape')
    if (LEAK.test(`${String(shape.message)} ${JSON.stringify((shape as { fields?: object }).fields ?? {})}`))
      say('leaks a detail')
  }
  if (
    answer.status === 401 && who
    && (await fetch(`${base}/api/session`, { headers: { cookie: session!.cookie } }).then(r => r.json()) as {
        me: unknown
      }).me === null
  ) {
    sessions.set(who, await signIn(who))
  }
}

for (const who of WHO) if (who) sessions.set(who, await signIn(who))
const startedAt = Date.now()
let next = 0
await Promise.all(Array.from({ length: IN_FLIGHT }, async () => {
  while (next < cases) {
    const index = next++
    await oneCase(index).catch((error: unknown) => {
      failures.push(`case ${index}: no answer: ${String((error as Error).cause ?? error)}`)
    })
  }
}))
await owner.end()
const alive = (await fetch(`${base}/api/ready`)).ok
console.log(`seed ${seed}: ${sent} of ${cases} cases answered in ${((Date.now() - startedAt) / 1000).toFixed(1)} s`)
console.log([...counts].sort().map(([status, n]) => `${status}: ${n}`).join(', '))
for (const failure of failures.slice(0, 20)) console.log(failure)
if (!alive) console.log('The server is not ready any more.')
console.log(`${cases - failures.length} good, ${failures.length} bad`)
process.exit(failures.length > 0 || !alive || sent < cases ? 1 : 0)
