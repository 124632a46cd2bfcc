import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import { NO_RULES } from '~~/core/policy'
import type { EntryInput, Role } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { OWNER_ONLY, TABLE_RULES, type Sight } from '../database/tableRules'
import { QUEUE_SCHEMA } from '../queue/queue'
import { putEntries } from '../repositories/calendar'
import { insertMail } from '../repositories/mail'
import { ROUTE_RULES, type RouteRule } from '../utils/accessRules'
import { routeFiles, serveRoutes } from '../utils/testApp'
import { saveOwnTests } from './ownTests'
import { inviteAthlete } from './athletes'
import { saveCatalogue } from './catalogue'
import type { Context } from './context'
import { addFeed } from './calendarFeeds'
import { saveFacility } from './facility'
import { saveSports } from './ownSports'
import { addGroup } from './groups'
import { changeRules } from './planningRules'
import { hashPassword } from './passwordHash'
import { sealRecords } from './sealRecord'
import { deviceKey } from './signedInOn'
import { inviteStaff } from './staff'
import { addPerson, makeOrganisation, signedInAs, testDatabase } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'

const MONDAY = '2026-03-02'
const ROLES: readonly Role[] = ['headCoach', 'coach', 'assistant', 'athlete']
const PASSWORD = 'a password for walls'
const ownDrill = { ...STANDARD.find('side-plank.feet')!, id: 'side-plank.own-mat', name: 'Side plank on a mat' }

const cup = (groupId: string, name: string, day: string): EntryInput => ({
  id: randomUUID(), groupId, kind: 'competition', name, day, lastDay: day, importance: 'B', travelBefore: 0,
  travelAfter: 0, weeklyUntil: null, except: [], startsAt: '10:00', minutes: 60, timeZone: 'Europe/London',
  sourceUid: null,
})

const OWN_TEST = {
  id: 'own.hop', name: 'Hop and hold', unit: 's', better: 'more', sides: 'each', action: null, setUp: 'One leg.',
  stop: 'It wobbles.', retired: false,
} as const

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let other: Awaited<ReturnType<typeof makeOrganisation>>
let app: Awaited<ReturnType<typeof serveRoutes>>
const people = {} as Record<Role, { context: Context, email: string }>
const foreign = {} as Record<Role, { context: Context, email: string }>
/** One athlete in the coach's group, one out of it, with a session each. */
const seen = nobody()
const unseen = nobody()

async function everybody(
  organisation: Context & { groupId: string }, athleteId: string,
  into: Record<Role, { context: Context, email: string }>,
): Promise<void> {
  const passwordHash = await hashPassword(PASSWORD)
  for (const role of ROLES) {
    const sight = role === 'athlete' ? { athleteId } : { groupIds: role === 'headCoach' ? [] : [organisation.groupId] }
    into[role] = await addPerson(base.db, organisation.actor.organisationId, role, { passwordHash, ...sight })
  }
}

beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  other = await makeOrganisation(base.db)
  const outside = randomUUID()
  await addGroup(head, { id: outside, name: 'Out of sight' })
  for (const [organisation, groupId] of [[head, head.groupId], [other, other.groupId]] as const) {
    await saveFacility(organisation, { version: 1, counts: { band: 1 }, weights: {} })
    await changeRules(organisation, {
      scope: 'organisation', scopeId: 'all', version: 0, rules: { ...NO_RULES, school: 'bodyLine' },
    })
    await saveSports(organisation, { version: 0, edits: {} })
    await saveOwnTests(organisation, { version: 0, tests: [OWN_TEST] })
    await saveCatalogue(organisation, { version: 0, own: { ladders: [], variations: [ownDrill] } })
    await inOrganisation(
      base.db, asSystemOf(organisation.actor.organisationId),
      tx => putEntries(tx, organisation.actor.organisationId, [cup(groupId, 'Cup', '2026-03-20')]),
    )
    await giveSeason(organisation, groupId)
  }
  await inOrganisation(
    base.db, asSystemOf(head.actor.organisationId),
    tx => putEntries(tx, head.actor.organisationId, [cup(outside, 'Far cup', '2026-03-21')]),
  )
  await giveSeason(head, outside, 'Far first')
  await fillAthlete(head, head.groupId, seen)
  await fillAthlete(head, outside, unseen)
  const far = nobody()
  await fillAthlete(other, other.groupId, far)
  // The invitations stand for accounts of their own; the walls need people who can sign in.
  await base.owner.raw('delete from mail; delete from account_token; delete from person where athlete_id is not null')
  await everybody(head, seen.id, people)
  await everybody(other, far.id, foreign)
  await inviteAthlete(head, unseen.id, { id: randomUUID(), email: 'unseen@test.example' })
  await inviteStaff(other, {
    id: randomUUID(), name: 'Far Coach', email: 'far@test.example', role: 'coach', groupIds: [],
  })
  for (const { context } of [...Object.values(people), ...Object.values(foreign)]) {
    if (context.actor.role !== 'athlete') await addFeed(context, { id: randomUUID(), scope: 'coach', subjectId: null })
    else await addFeed(context, { id: randomUUID(), scope: 'athlete', subjectId: context.actor.athleteId })
    const { organisationId, personId } = context.actor
    await inOrganisation(
      base.db, context.actor,
      tx =>
        tx('write_receipt').insert({
          organisation_id: organisationId, person_id: personId, write_id: randomUUID(), fingerprint: '',
        }),
    )
    await signedInAs(base.db, { organisationId, id: personId, sessionVersion: 1 }, new Date())
    await deviceKey(base.db, { organisationId, id: personId })
    await base.owner('passkey').insert({
      id: randomUUID(), organisation_id: organisationId, person_id: personId, credential_id: randomUUID(),
      public_key: 'A', counter: 0, name: 'Phone',
    })
    await base.owner('second_factor').insert({ organisation_id: organisationId, person_id: personId, secret: 'A' })
  }
  await sealRecords(base.db)
  app = await serveRoutes(base.url, base.appUrl)
}, 120_000)
afterAll(async () => {
  await app.close()
  await base.drop()
})

describe('every table', () => {
  /** Tables of ours: partitions go with their parent. */
  const tables = async (): Promise<{ schema: string, name: string }[]> => (await base.owner.raw(`
    select n.nspname as schema, c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where c.relkind in ('r', 'p') and n.nspname not in ('pg_catalog', 'information_schema') and not c.relispartition`))
      .rows

  it('is declared', async () => {
    const found = (await tables()).filter(t => t.schema === 'public').map(t => t.name).sort()
    expect(found).toEqual([...Object.keys(TABLE_RULES), ...OWNER_ONLY].sort())
    expect(new Set((await tables()).map(t => t.schema))).toEqual(new Set(['public', QUEUE_SCHEMA]))
  })

  it('of the queue carries keys and addresses of work only', async () => {
    await fetch(`${app.url}/api/reset`, {
      method: 'POST', body: '{"email":"nobody@test.example"}', headers: { 'content-type': 'application/json' },
    })
    const { rows } = await base.owner.raw(
      `select distinct jsonb_object_keys(data) as key from ${QUEUE_SCHEMA}.job where jsonb_typeof(data) = 'object'`,
    )
    expect(rows.length).toBeGreaterThan(0)
    expect(
      rows.map((r: { key: string }) => r.key).filter((key: string) =>
        !['organisationId', 'mailId', 'email', 'runId', 'athleteId'].includes(key)
      ),
    ).toEqual([])
  })

  const names = Object.keys(TABLE_RULES).filter(name => !TABLE_RULES[name]!.shared)
  const cases = names.flatMap(table => ROLES.map(role => [table, role] as const))

  it.each(cases)('%s shows a %s what is declared, and nothing of another organisation', async (table, role) => {
    const { context } = people[role]
    const idColumn = table === 'organisation' ? 'id' : 'organisation_id'
    const all = (await base.owner(table).select<Record<string, string | null>[]>('*')).filter(r =>
      r[idColumn] === head.actor.organisationId
    )
    expect(all.length, `the test needs rows in ${table}`).toBeGreaterThan(0)
    const rows = await inOrganisation(
      base.db, context.actor,
      tx => tx(table).select<Record<string, string | null>[]>('*'),
    )
    expect(rows.filter(r => r[idColumn] !== head.actor.organisationId)).toEqual([])
    const expected = all.filter(row => inSight(table, row, TABLE_RULES[table]![role], context))
    expect(rows.length).toBe(expected.length)
  })

  function inSight(table: string, row: Record<string, string | null>, sight: Sight, { actor }: Context): boolean {
    if (sight === 'all' || sight === 'none') return sight === 'all'
    if (table === 'write_receipt') return row.person_id === actor.personId
    if (table === 'person')
      return row.id === actor.personId || (sight === 'seen' && (row.athlete_id === null || row.athlete_id === seen.id))
    if (table === 'floor_board') return row.group_id === head.groupId
    if (table === 'training_group') return row.id === head.groupId
    if (table === 'calendar_entry' || table === 'season') return row.group_id === null || row.group_id === head.groupId
    if (table === 'season_change')
      return row.athlete_id === null
        ? row.group_id === head.groupId
        : row.athlete_id === seen.id
    if (['calendar_feed', 'sign_in', 'passkey'].includes(table)) return row.person_id === actor.personId
    return (table === 'athlete' ? row.id : row.athlete_id) === seen.id
  }

  it.each(names)('%s is closed to a stranger and to nobody', async (table) => {
    expect(await base.db(table).select('*')).toEqual([])
    for (const role of ROLES) {
      const idColumn = table === 'organisation' ? 'id' : 'organisation_id'
      const rows = await inOrganisation(
        base.db, foreign[role].context.actor,
        tx => tx(table).where(idColumn, head.actor.organisationId).select('*'),
      )
      expect(rows).toEqual([])
    }
  })

  it.each(cases)('%s takes a row for the other organisation from no %s', async (table, role) => {
    const idColumn = table === 'organisation' ? 'id' : 'organisation_id'
    const { rows: [row] } = await base.owner.raw(
      `select to_jsonb(t) as whole from ${table} t where ${idColumn} = ? limit 1`,
      [other.actor.organisationId],
    )
    expect(row, `the test needs a row of the other organisation in ${table}`).toBeDefined()
    const attempt = inOrganisation(
      base.db, people[role].context.actor,
      tx =>
        tx.raw(`insert into ${table} select * from jsonb_populate_record(null::${table}, ?::jsonb)`, [
          JSON.stringify(row.whole),
        ]),
    )
    await expect(attempt).rejects.toMatchObject({ code: expect.stringMatching(/^(42501|23505)$/) })
  })

  it.each(ROLES)('set_log and audit can be changed or emptied by no %s', async (role) => {
    for (const table of ['set_log', 'audit']) {
      await expect(inOrganisation(base.db, people[role].context.actor, tx => tx(table).delete())).rejects.toMatchObject(
        { code: '42501' },
      )
      await expect(
        inOrganisation(base.db, people[role].context.actor, tx => tx(table).update({ organisation_id: randomUUID() })),
      ).rejects.toMatchObject({ code: '42501' })
    }
  })

  it('keeps the record even from the owner of the tables', async () => {
    await expect(base.owner('audit').delete()).rejects.toThrow('only added to')
    await expect(base.owner('audit').update({ action: 'nothing' })).rejects.toThrow('only added to')
  })

  it('lets an assistant act as nobody else', async () => {
    const mail = {
      id: randomUUID(), organisationId: head.actor.organisationId, personId: people.coach.context.actor.personId,
      recipient: 'x', subject: '', body: '',
    }
    await expect(inOrganisation(base.db, people.assistant.context.actor, tx => insertMail(tx, mail))).rejects
      .toMatchObject({ code: '42501' })
    const change = (role: Role) =>
      inOrganisation(
        base.db, people[role].context.actor,
        tx => tx('athlete').where({ id: unseen.id }).update({ name: 'Taken' }),
      )
    expect([await change('coach'), await change('assistant'), await change('athlete')]).toEqual([0, 0, 0])
  })
})

describe('every route', () => {
  it('is declared under the name its file gives it', () => {
    const files = routeFiles()
    expect([...files.keys()].sort()).toEqual(Object.keys(ROUTE_RULES).sort())
    for (const [name, route] of files) expect(route.routeName).toBe(name)
  })

  interface Session { cookie: string, csrf: string }
  const sessions = new Map<string, Promise<Session>>()

  async function signInAs(email: string): Promise<Session> {
    const answer = await fetch(`${app.url}/api/session`, {
      method: 'POST', body: JSON.stringify({ email, password: PASSWORD }),
      headers: { 'content-type': 'application/json' },
    })
    const { csrf } = await answer.json() as { csrf: string }
    return { csrf, cookie: answer.headers.get('set-cookie')!.split(';')[0]! }
  }

  function sessionOf(email: string): Promise<Session> {
    if (!sessions.has(email)) sessions.set(email, signInAs(email))
    return sessions.get(email)!
  }

  /** Calls a route about an athlete, with a body that is never right, so that nothing changes. */
  async function ask(
    name: string, about: typeof seen, session: Session | null, csrf = session?.csrf,
  ): Promise<{ status: number, code?: string }> {
    const [method, path] = name.split(' ') as [string, string]
    const address = path.replace(':groupId', head.groupId).replace(
      ':id',
      path.includes('/plan-runs/')
        ? about.runId
        : path.includes('/sessions/')
        ? about.sessionId
        : path.includes('/staff/')
        ? people.coach.context.actor.personId
        : about.id,
    )
      .replace(':itemId', about.itemId).replace(':startsOn', MONDAY).replace(':from', MONDAY)
      .replace(':to', '2026-03-08')
    const answer = await fetch(app.url + address, {
      method,
      headers: {
        'content-type': 'application/json', ...(session ? { cookie: session.cookie } : {}),
        ...(csrf ? { 'x-keen-csrf': csrf } : {}),
      },
      ...(method === 'GET' ? {} : { body: JSON.stringify({ notAField: true }) }),
    })
    const body = await answer.json() as { code?: string }
    return { status: answer.status, ...(body.code ? { code: body.code } : {}) }
  }

  const closed = Object.entries(ROUTE_RULES as Record<string, RouteRule>).filter(([, rule]) => rule.who !== 'anybody')

  it.each(closed)('%s asks for a sign-in', async (name) => {
    expect(await ask(name, seen, null)).toMatchObject({ status: 401, code: 'notSignedIn' })
  })

  it.each(
    closed.flatMap(([name, rule]) => ROLES.map(role => [name, role, rule] as const)).filter(([name]) =>
      !name.includes('everywhere')
    ),
  )(
    '%s answers a %s as declared',
    async (name, role, rule) => {
      const { status, code } = await ask(name, seen, await sessionOf(people[role].email))
      if (!rule.who.includes(role as never)) expect([status, code]).toEqual([403, 'notAllowed'])
      // A run is its owner's, here the head coach's.
      else if (/plan-runs\/:id\/(cancel|retry)/.test(name) && role === 'coach') expect(status).toBe(403)
      // Let through: it answers, or looks at the body and finds it wrong.
      // Or there is nobody signed in there.
      else expect(/devices\/|passkeys\/:/.test(name) ? [404] : [200, 422]).toContain(status)
    })

  const aboutAthletes = closed.filter(([name, rule]) =>
    rule.reach === 'athlete' && name.includes(':id') && name.startsWith('GET')
  )

  it.each(
    aboutAthletes.flatMap(([name, rule]) =>
      (['coach', 'assistant', 'athlete'] as const).filter(r => rule.who.includes(r as never)).map(role =>
        [name, role] as const
      )
    ),
  )(
    '%s says 404 to a %s about an athlete out of sight',
    async (name, role) => {
      expect((await ask(name, unseen, await sessionOf(people[role].email))).status).toBe(404)
    })

  it.each(
    aboutAthletes.flatMap(([name, rule]) =>
      ROLES.filter(r => rule.who.includes(r as never)).map(role => [name, role] as const)
    ),
  )(
    '%s says 404 to a %s of another organisation',
    async (name, role) => {
      expect((await ask(name, seen, await sessionOf(foreign[role].email))).status).toBe(404)
    })

  const writes = closed.filter(([name]) => !name.startsWith('GET') && !name.includes('everywhere'))
  it.each(writes)('%s refuses a write without the session\'s token', async (name) => {
    const session = await sessionOf(people.headCoach.email)
    expect(await ask(name, seen, session, '')).toEqual({ status: 403, code: 'badToken' })
    expect((await ask(name, seen, session, (await sessionOf(people.coach.email)).csrf)).code).toBe('badToken')
  })

  it('answers 404 where nothing is declared, whatever the method', async () => {
    for (
      const [method, path] of [
        ['GET', '/api'], ['PATCH', '/api/health'], ['DELETE', '/api/logs'], ['GET', '/api/logs'],
        ['POST', '/api/nothing'],
      ] as const
    ) {
      const answer = await fetch(app.url + path, { method })
      expect([method, path, answer.status, (await answer.json() as { code: string }).code]).toEqual([
        method, path, 404, 'notFound',
      ])
    }
  })

  it('counts tries and then says wait', async () => {
    const attempt = async (): Promise<number> =>
      (await fetch(`${app.url}/api/session`, {
        method: 'POST',
        body: JSON.stringify({ email: 'guessed@test.example', password: 'x' }),
        headers: { 'content-type': 'application/json' },
      })).status
    const answers: number[] = []
    for (let i = 0; i < 12; i++) answers.push(await attempt())
    expect(answers.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => 401))
    expect(answers.slice(10)).toEqual([429, 429])
  })

  it('signs out everywhere: the old cookie opens nothing', async () => {
    const session = await signInAs(people.athlete.email)
    const second = await signInAs(people.athlete.email)
    const answer = await fetch(`${app.url}/api/session/everywhere`, {
      method: 'DELETE',
      headers: { cookie: session.cookie, 'x-keen-csrf': session.csrf },
    })
    expect(answer.status).toBe(200)
    expect((await ask(`GET /api/athletes/:id/today`, seen, second)).status).toBe(401)
  })
})
