import { expect, it } from 'vitest'
import { day, drill, forWeek } from '../testing/handMade'
import { ladderWeek } from './ladderWeek'

const days = (ids: readonly string[]) => ids.map((id, d) => day([drill(id)], { id: `d${d}`, day: d }))

it('is broken by the fourth time', () => {
  const rungs = ['knees', 'feet', 'star', 'top-leg-raised'].map(id => `side-plank.${id}`)
  expect(ladderWeek.breaks(forWeek(days(rungs.slice(0, 3))))).toEqual([])
  expect(ladderWeek.breaks(forWeek(days(rungs))).map(b => b.sessionId)).toEqual(['d3'])
})

it('knows branches apart, and leaves waking up alone', () => {
  const four = ['side-plank.feet', 'side-plank.star', 'side-plank.knees', 'side-plank.weight-on-hip']
  expect(ladderWeek.breaks(forWeek(days(four)))).toEqual([])
  const woken = days(Array.from({ length: 5 }, () => 'quadruped.opposite-arm-leg'))
    .map(one => ({ ...one, items: one.items.map(item => ({ ...item, slot: 'activation' as const })) }))
  expect(ladderWeek.breaks(forWeek(woken))).toEqual([])
})

it('leaves the brace course alone, which is practised daily', () => {
  expect(ladderWeek.breaks(forWeek(days(Array.from({ length: 6 }, () => 'brace.low-breath'))))).toEqual([])
})
