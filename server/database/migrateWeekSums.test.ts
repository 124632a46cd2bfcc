import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0027_accepting') })
afterAll(() => before.drop())

it('weeks that were trained before they were reckoned wait for it', async () => {
  const { owner, url } = before
  const [org, athlete] = [randomUUID(), randomUUID()]
  const day = (on: string): string => `insert into day_sum (organisation_id, athlete_id, day, planned, met, done, hurt)
    values ('${org}', '${athlete}', '${on}', 3, 2, 2, 0);`
  await owner.raw(`
    select set_config('keen.organisation', '${org}', false), set_config('keen.role', 'system', false);
    insert into organisation (id, name, time_zone) values ('${org}', 'Old', 'UTC');
    insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment, available, brace_step, stands)
      values ('${athlete}', '${org}', 'Old Hand', '', 'general', '', 'male', 180, 80, 1990, 5, '{}', '[]', 4, '[]');
    ${day('2026-03-02')} ${day('2026-03-08')} ${day('2026-03-09')}`)
  await migrate(url, null, '2029-03-04')
  const rows = await owner('week_sum').orderBy('starts_on').select('starts_on', 'state', 'sums')
  expect(rows.map(row => Object.values(row)))
    .toEqual([['2026-03-02', 'waiting', null], ['2026-03-09', 'waiting', null]])
})
