import { expect, it } from 'vitest'
import { stepDose, stepSets } from '.'

it('steps doses in their own unit within limits', () => {
  expect(stepDose({ sets: 1, amount: 5, unit: 'seconds', restS: 0 }, -1).amount).toBe(5)
  expect(stepDose({ sets: 1, amount: 6, unit: 'reps', restS: 0 }, 1).amount).toBe(7)
  expect(stepDose({ sets: 1, amount: 600, unit: 'metres', restS: 0 }, 1).amount).toBe(600)
  expect(stepSets({ sets: 10, amount: 6, unit: 'reps', restS: 0 }, 1).sets).toBe(10)
})
