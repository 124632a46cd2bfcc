import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0018_routine') })
afterAll(() => before.drop())

it('a database of the release before founding tells the demo from what is real', async () => {
  const { owner, url } = before
  const [demo, real] = [randomUUID(), randomUUID()]
  await owner.raw('alter table organisation no force row level security')
  for (const [id, email] of [[demo, 'head@larkholm.example'], [real, 'runa@skerry.example']]) {
    await owner.raw(`
      select set_config('keen.organisation', '${id}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${id}', 'Old', 'UTC');
      insert into person (id, organisation_id, role, name, email)
        values ('${randomUUID()}', '${id}', 'headCoach', 'Old Hand', '${email}');`)
  }
  await migrate(url, null, '2026-03-04')
  expect(await owner('organisation').where({ demo: true }).pluck('id')).toEqual([demo])
  const { rows } = await owner.raw(`select relname from pg_class where relname in ('organisation', 'person')
    and relrowsecurity and relforcerowsecurity order by 1`)
  expect(rows.map((row: { relname: string }) => row.relname)).toEqual(['organisation', 'person'])
})
