import { describe, expect, it } from 'vitest'
import type { SetLog } from '../../assessment'
import { TRUNK_ACTIONS } from '../../catalogue'
import { context, lift } from '../../testing/fixtures'
import { liftFullSets } from '../worth/liftFullSets'
import { bestLately } from './bestLately'

const MONDAY = '2026-03-23'
const log = (day: string, amount = 60): SetLog => ({
  prescribedItemId: 'i', variationId: 'front-plank.long-lever', day, setNumber: 1, side: null, amount, unit: 'seconds',
  tempo: null, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null,
})
const best = (logs: SetLog[], days: string[] = []) =>
  bestLately(days.map(day => ({ day, lifts: [lift] })), logs, MONDAY, context)

describe('the most that a week held lately', () => {
  it('is the best of three, not the last, and nothing where nothing was done', () => {
    const once = best([log('2026-03-17')])!
    expect(best([log('2026-03-03'), log('2026-03-04'), log('2026-03-17')])).toBeCloseTo(2 * once, 9)
    expect([best([]), best([log('2026-03-01')]), best([log(MONDAY)])]).toEqual([null, null, null])
  })

  it('counts the lifts of sessions that were trained, and of no others', () => {
    const full = liftFullSets(lift)
    const lifted = TRUNK_ACTIONS.reduce((sum, action) => sum + full[action], 0)
    expect(best([log('2026-03-17')], ['2026-03-17', '2026-03-19'])! - best([log('2026-03-17')])!)
      .toBeCloseTo(lifted, 9)
  })
})
