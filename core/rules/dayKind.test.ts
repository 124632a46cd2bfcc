import { expect, it } from 'vitest'
import { dayKindOf } from './dayKind'

it('takes the nearest of two competitions', () => {
  expect([0, 1, 2, 3, 4, 5, 6].map(day => dayKindOf(day, [2, 5]))).toEqual([
    'twoDaysBefore', 'dayBefore', 'competition', 'dayAfter', 'dayBefore', 'competition', 'dayAfter',
  ])
})
