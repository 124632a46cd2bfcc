import { expect, it } from 'vitest'
import { liftFacts } from '../programme'
import { day, forPlace, squat } from '../testing/handMade'
import { pairing } from './pairing'

const limits = liftFacts('backSquat').limits
const asked = (slot: 'paired' | 'inside' | 'after', tires: typeof limits, pairedWith: string | null = 'squat') =>
  pairing.breaks(forPlace({ tires }, { item: { slot, pairedWith }, session: day([], { lifts: [squat] }) }))

it('names the region that both need', () => {
  expect(asked('paired', limits.slice(0, 1))[0]).toContain('Tires what the back squat needs')
  expect([asked('paired', []), asked('inside', limits), asked('after', limits, null)]).toEqual([[], [], []])
})

it('misses a lift that is gone', () => {
  expect(asked('paired', [], 'gone')).toEqual(['The lift it was paired with is gone.'])
})
