import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0025_sight') })
afterAll(() => before.drop())

it('days that were trained before they were summed up are summed up', async () => {
  const { owner, url } = before
  const [org, athlete, person, session] = Array.from({ length: 4 }, () => randomUUID())
  const items = [randomUUID(), randomUUID(), randomUUID()]
  const drill = (id: string, prescription: object): string => `insert into prescribed_item (id, organisation_id,
      athlete_id, session_id, plan_key, place, variation_id, prescription)
    values ('${id}', '${org}', '${athlete}', '${session}', '${id}', 1, 'x', '${JSON.stringify(prescription)}');`
  const set = (item: string, day: string, end: string): string => `insert into set_log (id, organisation_id, athlete_id,
      prescribed_item_id, day, performed_at, logged_by, variation_id, set_number, side, amount, unit, break_point,
      setting, felt_at, note)
    values ('${randomUUID()}', '${org}', '${athlete}', '${item}', '${day}', now(), '${person}', 'x', 1, null, 8,
      'seconds', '${end}', '{}', '{}', '');`
  await owner.raw(`
    select set_config('keen.organisation', '${org}', false), set_config('keen.role', 'system', false);
    insert into organisation (id, name, time_zone) values ('${org}', 'Old', 'UTC');
    insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment, available, brace_step, stands)
      values ('${athlete}', '${org}', 'Old Hand', '', 'general', '', 'male', 180, 80, 1990, 5, '{}', '[]', 4, '[]');
    insert into person (id, organisation_id, role, name, email)
      values ('${person}', '${org}', 'coach', 'C', 'c@x.example');
    insert into training_week (organisation_id, athlete_id, starts_on, plan)
      values ('${org}', '${athlete}', '2026-03-02', '{}');
    insert into prescribed_session (id, organisation_id, athlete_id, starts_on, day, plan_key, minutes, lifts)
      values ('${session}', '${org}', '${athlete}', '2026-03-02', '2026-03-04', 'd', 60, '[]');
    ${drill(items[0]!, { dose: { sets: 3 }, sides: 'both', extraSetSide: 'left' })}
    ${drill(items[1]!, { dose: { sets: 2 }, sides: 'each', extraSetSide: 'left' })}
    ${drill(items[2]!, { dose: { sets: 1 }, sides: 'each', extraSetSide: null, swappedFor: items[0] })}
    ${set(items[1]!, '2026-03-05', 'pain')} ${set(items[2]!, '2026-03-04', 'none')}`)
  await migrate(url, null, '2029-03-04')
  expect(await owner('prescribed_item').orderBy('sets').pluck('sets')).toEqual([2, 3, 5])
  const rows = await owner('day_sum').orderBy('day').select('day', 'planned', 'met', 'done', 'hurt')
  expect(rows.map(row => Object.values(row))).toEqual([['2026-03-04', 7, 2, 1, 0], ['2026-03-05', 0, 0, 1, 1]])
})
