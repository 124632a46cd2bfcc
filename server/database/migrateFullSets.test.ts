import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0012_sports') })
afterAll(() => before.drop())

describe('a database of the release in which weeks were counted in seconds', () => {
  it('has its hand-set bands in full sets, what they were beside them, and nothing else changed', async () => {
    const { owner, url } = before
    const organisation = randomUUID()
    const rules = {
      school: null, lines: { flexion: 'off' }, never: ['a'], only: {}, blocks: [],
      bands: { antiRotation: { lowS: 100, highS: 200 }, flexion: { lowS: 0, highS: 60 } },
    }
    const bare = { ...rules, bands: {} }
    await owner.raw('alter table organisation no force row level security')
    await owner.raw(
      `select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into planning_rules (organisation_id, scope, scope_id, version, rules) values
        ('${organisation}', 'organisation', 'all', 1, '${JSON.stringify(rules)}'),
        ('${organisation}', 'phase', 'taper', 1, '${JSON.stringify(bare)}');`,
    )
    await migrate(url, null, '2026-03-04')
    const stored = async () =>
      Object.fromEntries((await owner('planning_rules').select('scope', 'rules')).map(row => [row.scope, row.rules]))
    // By hand: 100 s x 4.2 / 300 s = 1.4 full sets, 200 s are 2.8, 60 s 0.84.
    const now = {
      organisation: {
        ...rules, bands: {
          antiRotation: { low: 1.4, high: 2.8, wasS: [100, 200] }, flexion: { low: 0, high: 0.8, wasS: [0, 60] },
        },
      },
      phase: bare,
    }
    expect(await stored()).toEqual(now)
    // A second start changes nothing.
    await migrate(url, null, '2026-03-04')
    expect(await stored()).toEqual(now)
  })
})
