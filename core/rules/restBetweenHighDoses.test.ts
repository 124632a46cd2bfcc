import { expect, it } from 'vitest'
import { day, drill, forWeek } from '../testing/handMade'
import { restBetweenHighDoses } from './restBetweenHighDoses'

// A side plank is held on both sides: 1 set of n seconds gives 2 n.
const days = (amounts: readonly number[], on: readonly number[]) =>
  amounts.map((amount, i) =>
    day([drill('side-plank.feet', { dose: { sets: 1, amount, unit: 'seconds', restS: 5 } })], {
      id: `d${i}`,
      day: on[i]!,
    })
  )

it('is broken above the limit on neighbouring days, told at the later one', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([76, 76], [0, 1]))).map(b => b.sessionId)).toEqual(['d1'])
  expect(restBetweenHighDoses.breaks(forWeek(days([75, 76], [0, 1])))).toEqual([])
})

it('is kept by a day between', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([100, 100], [0, 2])))).toEqual([])
})

it('counts twice on one day', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([100, 100], [3, 3])))).toHaveLength(1)
})
