import { expect, it } from 'vitest'
import { holdLength, holdsTooLong } from './holdLength'

const hold = (amount: number, unit: 'seconds' | 'reps' = 'seconds') => ({ sets: 2, amount, unit, restS: 10 })

it('is of holds, and counts the longest as short enough', () => {
  expect([holdsTooLong(hold(10), 10), holdsTooLong(hold(11), 10), holdsTooLong(hold(30, 'reps'), 10)]).toEqual(
    [false, true, false],
  )
})

it('says which flag it is of', () => {
  expect(holdLength.breaks({ dose: hold(11), flags: ['backPainBending', 'wrist'] })).toEqual([
    expect.stringContaining('holds of 10 s at most'),
  ])
})
