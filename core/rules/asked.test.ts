import { expect, it } from 'vitest'
import { drill } from '../testing/handMade'
import { isFixed } from './asked'

it('what is done at home and what stands in a circuit is not counted as the engine’s', () => {
  const plank = drill('front-plank.elbows')
  expect(isFixed(plank)).toBe(false)
  expect(isFixed({ ...plank, slot: 'home' })).toBe(true)
  expect(isFixed({ ...plank, circuit: 'c' })).toBe(true)
})
