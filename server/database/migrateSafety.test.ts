import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0008_season') })
afterAll(() => before.drop())

describe('a database of the release before health counted at the moment of training', () => {
  it('keeps its flags since they were answered, its clearances with a role, and the drills that hurt', async () => {
    const { owner, url } = before
    const [organisation, athlete, session, coach] = Array.from({ length: 4 }, () => randomUUID())
    const items = [randomUUID(), randomUUID()]
    const word = [{
      id: 'c', flag: 'herniaSurgery', extent: 'all', givenBy: 'Surgeon', from: '2026-01-01', until: null, note: '',
    }]
    await owner.raw(`alter table organisation no force row level security`)
    await owner.raw(`
      select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into person (id, organisation_id, role, name, email, password_hash) values ('${coach}', '${organisation}',
        'coach', 'C', 'c@old.example', 'x');
      insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment, available, brace_step, rungs)
        values ('${athlete}', '${organisation}', 'Old Hand', '', 'general', '', 'male', 180, 80, 1990, 5, '{}', '[]', 4,
          '{}');
      insert into athlete_health (organisation_id, athlete_id, flags, clearances, answered_at)
        values ('${organisation}', '${athlete}', '{wrist,herniaSurgery}', '${
      JSON.stringify([...word, { ...word[0], id: 'o', flag: 'shoulder' }])
    }', '2026-02-01T08:00:00Z');
      insert into training_week (organisation_id, athlete_id, starts_on, plan) values ('${organisation}', '${athlete}',
        '2026-03-02', '{"sessions":[]}');
      insert into prescribed_session (id, organisation_id, athlete_id, starts_on, day, plan_key, minutes, lifts)
        values ('${session}', '${organisation}', '${athlete}', '2026-03-02', '2026-03-04', 'd2', 60, '[]');
      insert into prescribed_item (id, organisation_id, athlete_id, session_id, plan_key, place, variation_id,
        prescription) values
        ('${items[0]}', '${organisation}', '${athlete}', '${session}', 'a', 0, 'side-plank.feet', '{}'), ('${
      items[1]
    }', '${organisation}', '${athlete}', '${session}', 'b', 1, 'front-plank.elbows', '{}');`)
    const set = (item: string, variation: string, day: string, hurts: boolean) =>
      owner('set_log').insert({
        id: randomUUID(), organisation_id: organisation, athlete_id: athlete, prescribed_item_id: item, day,
        performed_at: `${day}T10:00:00Z`, logged_by: coach, variation_id: variation, set_number: 1, amount: 5,
        unit: 'seconds', break_point: hurts ? 'pain' : 'none', setting: '{}', felt_at: [],
        pain_at: hurts ? 'lowBack' : null, note: '',
      })
    await set(items[0]!, 'side-plank.feet', '2026-03-01', false)
    await set(items[0]!, 'side-plank.feet', '2026-03-02', true)
    await set(items[0]!, 'side-plank.feet', '2026-03-04', false)
    await set(items[1]!, 'front-plank.elbows', '2026-03-04', false)
    await owner.raw('select set_config(\'keen.organisation\', \'\', false), set_config(\'keen.role\', \'\', false)')

    // Sets of a month whose partition was never made lie in the rest: the new months begin after them.
    await migrate(url, null, '2029-01-01')
    await owner.raw(
      `select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false)`,
    )
    const [health] = await owner('athlete_health').where({ athlete_id: athlete }).select(
      'raised', 'clearances', 'version',
    )
    expect(health.version).toBe(1)
    expect(health.clearances).toEqual([{ ...word[0], role: 'clinician' }])
    expect(health.raised).toEqual(
      Object.fromEntries(
        ['wrist', 'herniaSurgery'].map(flag => [flag, { day: '2026-02-01', at: '2026-02-01T08:00:00.000Z' }]),
      ),
    )
    const kept = await owner('pain_set').where({ athlete_id: athlete }).orderBy('at').select(
      'variation_id', 'day', 'hurt',
    )
    // The set before it hurt says nothing; the clean one since ends a run.
    expect(kept).toEqual([{ variation_id: 'side-plank.feet', day: '2026-03-02', hurt: true }, {
      variation_id: 'side-plank.feet', day: '2026-03-04', hurt: false,
    }])
  })
})
