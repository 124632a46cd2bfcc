import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addDays } from '~~/core/calendar'
import { PLANES } from '~~/core/catalogue'
import type { WeekSum } from '~~/shared/types'
import type { Context } from './context'
import { makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { logTrials } from './trials'
import { athleteReview } from './review'
import { athleteSeries, sumAllDays, sumAllWeeks } from './weekSums'

const MONDAY = '2026-03-02'
const YEARS_AGO = '2020-01-01'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Context & { groupId: string }
const one = nobody()
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  await giveSeason(coach, coach.groupId)
  await fillAthlete(coach, coach.groupId, one)
}, 120_000)
afterAll(() => base.drop())

const states = (): Promise<string[]> => base.owner('week_sum').orderBy('starts_on').pluck('state')
const theWeek = async (): Promise<WeekSum> => (await athleteSeries(coach, one.id, YEARS_AGO)).weeks[0]!

describe('what the weeks of an athlete came to', () => {
  it('is what the look back on that week says, reckoned when it is first asked for', async () => {
    expect(await states()).toEqual(['waiting'])
    const { weeks, left } = await athleteSeries(coach, one.id, YEARS_AGO)
    expect([weeks.length, left, await states()]).toEqual([1, 0, ['done']])
    const { review } = await athleteReview(coach, one.id, { from: MONDAY, to: addDays(MONDAY, 6) })
    const [of] = review.weeks
    expect(weeks[0]).toMatchObject({
      startsOn: MONDAY, planned: of!.sets.asked, done: of!.sets.done, hurt: 1, load: review.loads[0]!.total,
    })
    for (const plane of PLANES) {
      expect(weeks[0]!.reckoned!.fullSets.done[plane]).toBeCloseTo(of!.fullSets.done[plane], 9)
      expect(weeks[0]!.reckoned!.fullSets.asked[plane]).toBeCloseTo(of!.fullSets.asked[plane], 9)
    }
    expect(weeks[0]!.reckoned!.capacities.arch).toBeCloseTo(review.capacities.arch[0]!.nm, 9)
    expect(of!.fullSets.asked.frontal).toBeGreaterThan(0)
  })

  it('is reckoned anew when a test says more of the trunk', async () => {
    const before = await theWeek()
    await logTrials(coach, [{
      id: '3f0a8c9e-2b3c-4d5e-8f90-0123456789ab', athleteId: one.id, day: TODAY, performedAt: `${TODAY}T10:30:00.000Z`,
      test: 'plank', side: null, value: 48, breakPoint: 'trunk', setting: {}, note: '',
    }])
    expect(await states()).toEqual(['waiting'])
    expect(await sumAllWeeks(base.db)).toBe(1)
    expect((await theWeek()).reckoned!.capacities.arch).toBeGreaterThan(before.reckoned!.capacities.arch)
    expect(await sumAllWeeks(base.db)).toBe(0)
  })

  it('waits again where a set comes while it is reckoned', async () => {
    await base.owner('week_sum').update({ state: 'atWork' })
    await base.owner('day_sum').update({ done: base.owner.raw('done + 1') })
    expect(await states()).toEqual(['waiting'])
  })

  it('is put right by the command, whatever became of it', async () => {
    const right = await base.owner('day_sum').orderBy('day').select('day', 'planned', 'met', 'hurt')
    await base.owner('day_sum').update({ done: 99, planned: 0 })
    await base.owner('week_sum').update({ sums: '{}', state: 'done' })
    expect(await sumAllDays(base.db)).toBe(right.length)
    expect(await sumAllWeeks(base.db)).toBe(1)
    expect(await base.owner('day_sum').orderBy('day').select('day', 'planned', 'met', 'hurt')).toEqual(right)
    expect(await theWeek()).toMatchObject({ done: 2, reckoned: { fullSets: {} } })
  })
})
