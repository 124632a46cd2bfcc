import { expect, it } from 'vitest'
import { day, drill, forWeek } from '../testing/handMade'
import { ladderWeek } from './ladderWeek'

const days = (ids: readonly string[]) => ids.map((id, d) => day([drill(id)], { id: `d${d}`, day: d }))

it('is broken by the fourth time', () => {
  const rungs = ['side-plank.feet', 'side-plank.star', 'side-plank.hip-lifts', 'side-plank.bottom-leg']
  expect(ladderWeek.breaks(forWeek(days(rungs.slice(0, 3))))).toEqual([])
  expect(ladderWeek.breaks(forWeek(days(rungs))).map(b => b.sessionId)).toEqual(['d3'])
})

it('leaves the brace course alone, which is practised daily', () => {
  expect(ladderWeek.breaks(forWeek(days(Array.from({ length: 6 }, () => 'brace.low-breath'))))).toEqual([])
})
