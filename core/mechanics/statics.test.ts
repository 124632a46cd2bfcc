import { expect, it } from 'vitest'
import { supportMargin } from './statics'

const square = [[0, 0, 0], [1, 0, 0], [1, 1, 0], [0, 1, 0]] as const

it('how far inside the support a point is, metres; outside it is less than nothing', () => {
  expect(supportMargin(square, [0.5, 0.5, 2])).toBeCloseTo(0.5)
  expect(supportMargin(square, [0.9, 0.5, 0])).toBeCloseTo(0.1)
  expect(supportMargin(square, [1.2, 0.5, 0])).toBeCloseTo(-0.2)
})
