import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FLAG_IDS, type Answers, type Clearance } from '~~/core/screening'
import type { TrialInput } from '~~/shared/types'
import { addAthlete } from './athletes'
import { checkBrace } from './brace'
import { logTrials } from './trials'
import { eraseAthlete, exportAthlete } from './erasure'
import { addClearance, screenAthlete } from './screening'
import { anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
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
})
