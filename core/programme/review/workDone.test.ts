import { describe, expect, it } from 'vitest'
import type { SetLog } from '../../assessment'
import { context, item } from '../../testing/fixtures'
import { itemFullSets } from '../worth/itemEffort'
import { workDone } from './workDone'

const dose = { sets: 2, amount: 40, unit: 'seconds' as const, restS: 30 }
const asked = { ...item, itemId: 'i', day: '2026-03-02', dose }
const log = (side: SetLog['side'], over: Partial<SetLog> = {}): SetLog => ({
  prescribedItemId: 'i', variationId: item.variationId, day: '2026-03-02', setNumber: 1, side, amount: 40,
  unit: 'seconds', tempo: null, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, ...over,
})

describe('asked against done', () => {
  it('is the same where all was done: a set of each side is one of both', () => {
    const all = (['left', 'right'] as const).flatMap(side => [log(side), log(side)])
    const { planned, done } = workDone([asked], all, context)
    expect(planned).toEqual(itemFullSets({ ...asked }, context))
    expect(done.antiLateralFlexion).toBeCloseTo(planned.antiLateralFlexion, 9)
    expect(planned.antiLateralFlexion).toBeGreaterThan(0.5)
  })

  it('is less where a set broke early, and nothing for what nobody knows or what only wakes up', () => {
    const early = workDone([], [log('left', { amount: 20 })], context).done.antiLateralFlexion
    expect(early).toBeCloseTo(workDone([], [log('left')], context).done.antiLateralFlexion / 2, 6)
    const others = [log(null, { variationId: 'gone' }), log('left', { variationId: 'posterior.shell' })]
    const none = workDone([], others, context)
    expect(Object.values(none.done).every(worth => worth === 0)).toBe(true)
  })
})
