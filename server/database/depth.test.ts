import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addAthlete } from '../services/athletes'
import { addPerson, anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { earlierRelease } from '../testing/earlierRelease'
import { inOrganisation } from './connection'
import { migrate, releaseOf } from './migrate'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

describe('functions of the database', () => {
  it('run for nobody who is not meant to run them', async () => {
    const { rows } = await base.owner.raw(`
      select p.oid::regprocedure::text as name from pg_proc p join pg_namespace n on n.oid = p.pronamespace
      left join lateral aclexplode(coalesce(p.proacl, acldefault('f', p.proowner))) a on true
      where n.nspname in ('public', 'keen_queue') and a.grantee = 0`)
    expect(rows).toEqual([])
  })

  it('that act as the owner find only what is the owner’s', async () => {
    const { rows } = await base.owner.raw(`
      select p.proname as name, p.proconfig as settings from pg_proc p join pg_namespace n on n.oid = p.pronamespace
      where n.nspname = 'public' and p.prosecdef`)
    expect(rows.length).toBeGreaterThan(8)
    for (const { name, settings } of rows)
      expect([name, settings]).toEqual([name, ['search_path=pg_catalog, public, pg_temp']])
  })

  it('are not found under another’s name in a table of the moment, from a server’s first start on', async () => {
    const fresh = await testDatabase()
    await migrate(fresh.url, null, '2026-03-04')
    await expect(fresh.db.raw('create temporary table training_group (id uuid)')).rejects.toMatchObject({
      code: '42501',
    })
    await fresh.drop()
  })
})

it('policies ask once a statement who acts and whom they see, not once a row', async () => {
  const { rows } = await base.owner.raw<{ rows: { name: string, text: string }[] }>(`
    select tablename || '.' || policyname as name, concat_ws(' ', qual, with_check) as text from pg_policies
    where schemaname = 'public'`)
  expect(rows.length).toBeGreaterThan(100)
  const asked = /(?<!SELECT )\bkeen_(org|person|role|athlete|sight)\(\)|FROM athlete\b/
  expect(rows.filter(({ text }) => asked.test(text)).map(({ name }) => name)).toEqual([])
})

describe('an account', () => {
  const roles = ['headCoach', 'coach', 'assistant', 'athlete'] as const
  it.each(roles)('is made more of by no %s themself', async (role) => {
    const athleteId = role === 'athlete' ? (await addAthlete(head, randomUUID(), anAthlete())).id : undefined
    const { context } = await addPerson(base.db, head.actor.organisationId, role, athleteId ? { athleteId } : {})
    const change = (to: object) => inOrganisation(base.db, context.actor, tx =>
      tx('person').where({ id: context.actor.personId }).update(to))
    const other = role === 'headCoach' ? 'coach' : 'headCoach'
    await expect(change({ role: other })).rejects.toMatchObject({ code: '42501' })
    await expect(change({ closed_at: base.db.fn.now() })).rejects.toMatchObject({ code: '42501' })
    await expect(change({ athlete_id: randomUUID() })).rejects.toMatchObject({ code: '42501' })
    expect(await change({ mass_unit: 'lb' })).toBe(1)
  })

  it('is changed by another head coach', async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'coach')
    const changed = await inOrganisation(base.db, head.actor, tx =>
      tx('person').where({ id: context.actor.personId }).update({ role: 'assistant' }))
    expect(changed).toBe(1)
  })
})

it('a server knows a database of an older and of a newer release', async () => {
  const before = await earlierRelease('0019_founding')
  try {
    expect(await releaseOf(before.owner)).toBe('older')
    await migrate(before.url, null, '2026-03-04')
    expect(await releaseOf(before.owner)).toBe('this')
    await before.owner('knex_migrations').insert({ name: '9999_later', batch: 2, migration_time: new Date() })
    expect(await releaseOf(before.owner)).toBe('newer')
  }
  finally {
    await before.drop()
  }
})
