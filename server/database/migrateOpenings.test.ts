import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0009_safety') })
afterAll(() => before.drop())

describe('a database of the release in which a phase of a season had a gate', () => {
  it('has its openings in place of gates, in their order, and nothing else changed', async () => {
    const { owner, url } = before
    const [organisation, group] = [randomUUID(), randomUUID()]
    const phase = (id: string, braceStep: number | null) =>
      ({ phase: id, least: 2, most: 8, start: 0, volume: 14, gate: { braceStep, done: 0.5 } })
    const shape = {
      startsOn: '2026-03-02', weeks: 8, weekdays: [0, 2], hardDays: [], deloadEvery: 4,
      phases: [phase('offSeason', 4), phase('preSeason', null), phase('inSeason', 2)],
    }
    await owner.raw('alter table organisation no force row level security')
    await owner.raw(
      `select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into training_group (id, organisation_id, name) values ('${group}', '${organisation}', 'Squad');
      insert into season (group_id, organisation_id, version, shape, plan)
        values ('${group}', '${organisation}', 1, '${JSON.stringify(shape)}', '{}');`,
    )
    await migrate(url, null, '2026-03-04')
    const [stored] = await owner('season').where({ group_id: group }).select('shape')
    expect(stored.shape).toEqual({
      ...shape, phases: shape.phases.map(({ gate, ...rest }) => ({ ...rest, opening: gate })),
    })
    // A second start changes nothing.
    await migrate(url, null, '2026-03-04')
    expect((await owner('season').where({ group_id: group }).select('shape'))[0].shape).toEqual(stored.shape)
  })
})
