import { expect, it } from 'vitest'
import { day, drill, forWeek } from '../testing/handMade'
import { restBetweenHighDoses } from './restBetweenHighDoses'

// A side plank held far past the limit is one full set, and no more: n sets of it are n.
const days = (amounts: readonly number[], on: readonly number[]) =>
  amounts.map((sets, i) =>
    day([drill('side-plank.feet', { dose: { sets, amount: 300, unit: 'seconds', restS: 5 } })], {
      id: `d${i}`,
      day: on[i]!,
    })
  )

it('is broken above the limit on neighbouring days, told at the later one', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([3, 3], [0, 1]))).map(b => b.sessionId)).toEqual(['d1'])
  expect(restBetweenHighDoses.breaks(forWeek(days([2, 3], [0, 1])))).toEqual([])
})

it('is kept by a day between', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([4, 4], [0, 2])))).toEqual([])
})

it('counts twice on one day', () => {
  expect(restBetweenHighDoses.breaks(forWeek(days([4, 4], [3, 3])))).toHaveLength(1)
})
