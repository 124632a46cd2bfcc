import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0016_review') })
afterAll(() => before.drop())

describe('a database of the release before boards were handed over', () => {
  it('has no board; one goes with any athlete it names', async () => {
    const { owner, url } = before
    const [organisation, athlete, other, group, coach] = Array.from({ length: 5 }, () => randomUUID())
    await owner.raw('alter table organisation no force row level security')
    const anAthlete = (id: string): string => `insert into athlete (id, organisation_id, name, goal, sport, position,
        sex, height_cm, mass_kg, birth_year, training_age_years, equipment, available, brace_step, stands)
        values ('${id}', '${organisation}', 'Old Hand', '', 'general', '', 'male', 180, 80, 1990, 5, '{}', '[]', 4,
          '[]');`
    await owner.raw(`
      select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into training_group (id, organisation_id, name) values ('${group}', '${organisation}', 'G');
      ${anAthlete(athlete!)} ${anAthlete(other!)}`)
    await migrate(url, null, '2026-03-04')
    expect(await owner('floor_board').select('day')).toEqual([])
    await owner.raw(`select set_config('keen.person', '${coach}', false)`)
    await owner('floor_board').insert({
      organisation_id: organisation, group_id: group, day: '2026-03-04', device: randomUUID(), person_id: coach,
      state: JSON.stringify({ plan: { people: [athlete] } }),
    })
    await owner('athlete').where({ id: other }).delete()
    expect(await owner('floor_board').select('day')).toHaveLength(1)
    await owner('athlete').where({ id: athlete }).delete()
    expect(await owner('floor_board').select('day')).toEqual([])
  })
})
