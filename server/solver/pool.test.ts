import { expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import { weekConflicts } from '~~/core/rules'
import { planningContext } from '~~/shared/planningContext'
import { larkholm } from '~~/demo'
import type { Athlete } from '~~/shared/types'
import { planInPool } from '.'

it('a week of the demo is planned with a proof, and keeps every rule', async () => {
  const centre = larkholm('2026-03-02')
  const { id, input, sessions } = centre.athletes[6]!
  const request = {
    athlete: { ...input, id, clearances: [] } as unknown as Athlete, startsOn: '2026-03-02', competitions: [],
    own: { ladders: [], variations: [] }, sessions, before: null,
    settled: {
      layers: [], progress: {}, decided: {}, weights: {}, bestLately: null, trunk: null, season: null, sports: {},
    },
  }
  const { plan, proof, refused } = await planInPool(request)
  expect([refused, proof!.proven]).toEqual([false, true])
  expect(weekConflicts(plan, planningContext(input, '2026-03-02', [], STANDARD))).toEqual([])
  expect((await planInPool({ ...request, before: plan })).proof!.goal).toBeLessThanOrEqual(proof!.goal + 20)
})
