import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0014_weights') })
afterAll(() => before.drop())

describe('a database of the release before decisions were kept', () => {
  it('keeps its athletes, and nothing is decided of them; what is decided goes with them', async () => {
    const { owner, url } = before
    const [organisation, athlete, coach] = [randomUUID(), randomUUID(), randomUUID()]
    await owner.raw('alter table organisation no force row level security')
    await owner.raw(`
      select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into person (id, organisation_id, role, name, email, password_hash) values ('${coach}', '${organisation}',
        'coach', 'C', 'c@old.example', 'x');
      insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment, available, brace_step, stands)
        values ('${athlete}', '${organisation}', 'Old Hand', '', 'general', '', 'male', 180, 80, 1990, 5, '{}', '[]', 4,
          '["press-out.standing"]');`)
    await migrate(url, null, '2026-03-04')
    expect(await owner('athlete').select('stands')).toEqual([{ stands: ['press-out.standing'] }])
    expect(await owner('decision').select('id')).toEqual([])
    const row = {
      id: randomUUID(), organisation_id: organisation, athlete_id: athlete, branch: 'press-out',
      variation_id: 'press-out.standing', day: '2026-03-04', evidence_day: '2026-03-04', kind: 'up', taken: 'up',
      given: '{}', decision: '{}', reason: '', state: 'taken', decided_by: coach,
    }
    await owner('decision').insert(row)
    await expect(owner('decision').insert({ ...row, id: randomUUID(), taken: 'sideways' })).rejects.toMatchObject({
      code: '23514',
    })
    await owner('athlete').where({ id: athlete }).delete()
    expect(await owner('decision').select('id')).toEqual([])
  })
})
