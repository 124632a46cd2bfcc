import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FLAG_IDS, type Answers, type Clearance } from '~~/core/screening'
import type { TrialInput } from '~~/shared/types'
import { addAthlete, getAthlete, saveAthlete } from './athletes'
import { checkBrace } from './brace'
import { addFeed } from './calendarFeeds'
import { eraseStaff } from './eraseStaff'
import { logTrials } from './trials'
import { eraseAthlete, exportAthlete } from './erasure'
import { addClearance, screenAthlete } from './screening'
import { brokenSeals, sealRecords } from './sealRecord'
import { changeStaff } from './staff'
import { storeWeek } from './weeks'
import { addPerson, anAthlete, makeOrganisation, signedInAs, testDatabase, TODAY } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id
const yes = (...flags: string[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)]))
const clearance = (over: Partial<Clearance> = {}): Clearance => ({
  id: randomUUID(), flag: 'herniaSurgery', extent: 'all', givenBy: 'Surgeon in town', role: 'specialist',
  from: '2026-02-01', until: null, note: '', ...over,
})
const trial = (athleteId: string, over: Partial<TrialInput> = {}): TrialInput => ({
  id: randomUUID(), athleteId, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'sideBridge', side: 'left',
  value: 60, breakPoint: 'trunk', setting: {}, note: '', ...over,
})

describe('an athlete who leaves', () => {
  it('takes checks, trials, answers and clearances along, and they are gone when erased', async () => {
    const id = await add({ name: 'Leaving Soon', flags: ['herniaSurgery'] })
    await logTrials(coach, [trial(id)])
    await checkBrace(coach, id, {
      id: randomUUID(), day: TODAY, step: 1, swell: [], breathing: true, count: 0, note: '',
    })
    await addClearance(coach, id, clearance())
    await screenAthlete(coach, id, 2, yes('herniaSurgery'))
    const all = await exportAthlete(coach, id)
    expect(
      [all.trials, all.braceChecks, (all.athlete as { clearances: unknown[] }).clearances].map(list =>
        (list as unknown[]).length
      ),
    ).toEqual([1, 1, 1])
    expect(all.answers).toMatchObject({ herniaSurgery: true })
    await eraseAthlete(coach, id, 'Leaving Soon')
    for (const table of ['test_trial', 'brace_check', 'athlete_health']) {
      expect((await base.owner(table).where({ athlete_id: id })).length, table).toBe(0)
    }
  })

  it('leaves nothing behind that names them, in whatever table something can hang on an athlete', async () => {
    const full = nobody()
    await giveSeason(coach, coach.groupId)
    await fillAthlete(coach, coach.groupId, full)
    const named = async (): Promise<Record<string, number>> => {
      const { rows } = await base.owner.raw(`select table_name from information_schema.columns
        where table_schema = 'public' and column_name = 'athlete_id' and table_name <> 'audit' order by 1`) as {
        rows: { table_name: string }[]
      }
      const counts = await Promise.all(rows.map(async ({ table_name: table }) =>
        [table, (await base.owner(table).where({ athlete_id: full.id })).length] as const))
      return Object.fromEntries(counts.filter(([, n]) => n > 0))
    }
    expect(Object.keys(await named())).toEqual(expect.arrayContaining(['decision', 'report_link', 'session_effort']))
    await eraseAthlete(coach, full.id, anAthlete().name)
    expect(await named()).toEqual({})
  })

  it('leaves no key, name or address anywhere in the database, the queue and the record included', async () => {
    const full = nobody()
    await fillAthlete(coach, coach.groupId, full)
    const name = 'Quillon Ravenscroft'
    const athlete = await getAthlete(coach, full.id)
    await saveAthlete(coach, full.id, athlete.version, anAthlete({ name, groupIds: [coach.groupId], flags: ['wrist'] }))
    await addFeed(coach, { id: randomUUID(), scope: 'athlete', subjectId: full.id })
    const [person] = await base.owner('person').where({ athlete_id: full.id })
    await base.owner.raw(`insert into keen_queue.job (name, data) values ('planWeeks', '{"athleteId": "${full.id}"}')`)
    const traces = async (): Promise<string[]> => {
      const { rows } = await base.owner.raw(`select n.nspname || '.' || c.relname as name from pg_class c
        join pg_namespace n on n.oid = c.relnamespace where c.relkind = 'r' and n.nspname in ('public', 'keen_queue')`)
      const found = await Promise.all(rows.map(async ({ name: table }: { name: string }) => {
        const { rows: lines } = await base.owner.raw(
          `select 1 from ${table} t where t::text ilike any(array[${
            [full.id, person.id, name, person.email].map(word => `'%${word}%'`).join(', ')}]) limit 1`)
        return lines.length > 0 ? [table] : []
      }))
      return found.flat().sort()
    }
    const before = await traces()
    expect(before).toEqual(expect.arrayContaining([
      expect.stringMatching(/^keen_queue\.j/), 'public.audit', 'public.calendar_feed', 'public.mail', 'public.person',
    ]))
    await eraseAthlete(coach, full.id, name)
    expect(await traces()).toEqual([])
    const lines = await base.owner('audit').where({ action: 'week.assign', blanked: true })
    expect(lines.length).toBeGreaterThan(0)
    await sealRecords(base.db)
    expect(await brokenSeals(base.db)).toEqual([])
  })
})

describe('somebody who leaves the staff', () => {
  it('is erased once the account is closed, by a head coach who types the name; what they planned stays', async () => {
    const { context, email } = await addPerson(base.db, coach.actor.organisationId, 'coach', {
      groupIds: [coach.groupId],
    })
    const { personId: id } = context.actor
    const athleteId = await add()
    await storeWeek(context, athleteId, '2026-03-02', 0, { sessions: [] })
    await signedInAs(base.db, { organisationId: coach.actor.organisationId, id, sessionVersion: 1 }, new Date())
    await base.owner('passkey').insert({
      id: randomUUID(), organisation_id: coach.actor.organisationId, person_id: id, credential_id: randomUUID(),
      public_key: 'A', counter: 0, name: 'Phone of somebody',
    })
    await sealRecords(base.db)
    await expect(eraseStaff(coach, id, 'Test coach')).rejects.toMatchObject({ code: 'badInput' })
    await changeStaff(coach, id, { version: 1, role: 'coach', groupIds: [], closed: true })
    await expect(eraseStaff(coach, id, 'Test')).rejects.toMatchObject({ fields: { name: expect.any(String) } })
    await expect(eraseStaff(coach, randomUUID(), 'Test coach')).rejects.toMatchObject({ code: 'notFound' })
    await eraseStaff(coach, id, 'Test coach')
    const rows = await base.owner('person').where({ id })
    expect(rows).toMatchObject([{ name: 'Somebody who left', password_hash: null }])
    expect(JSON.stringify(rows)).not.toContain(email)
    for (const table of ['sign_in', 'passkey']) expect(await base.owner(table).where({ person_id: id })).toEqual([])
    expect(await base.owner('audit').where({ person_id: id })).toEqual([])
    expect(await base.owner('training_week').where({ athlete_id: athleteId })).toHaveLength(1)
    expect(await brokenSeals(base.db)).toEqual([])
  })
})
