import { expect, it } from 'vitest'
import { forPlace } from '../testing/handMade'
import { activationEasy } from './activationEasy'

it('is broken from fatigue three, in activation only', () => {
  const asked = (slot: 'activation' | 'after', fatigue: 2 | 3) => forPlace({ fatigue }, { item: { slot } })
  expect(activationEasy.breaks(asked('activation', 2))).toEqual([])
  expect(activationEasy.breaks(asked('activation', 3))).toHaveLength(1)
  expect(activationEasy.breaks(asked('after', 3))).toEqual([])
})
