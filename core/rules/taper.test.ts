import { expect, it } from 'vitest'
import { day, forWeek, long, ruled } from '../testing/handMade'
import { taper } from './taper'

const plan = [0, 2, 4].map(d =>
  day(['side-plank.feet', 'front-plank.elbows', 'press-out.standing'].map(long), { id: `d${d}`, day: d }))
const block = (phase: 'taper' | 'inSeason') => ruled({ block: { phase, week: 1, weeks: 2, load: 1 } })

it('is of the taper alone, and told at the last day that has work', () => {
  expect(taper.breaks(forWeek(plan, block('inSeason')))).toEqual([])
  const rest = day([], { id: 'rest', day: 6 })
  expect(taper.breaks(forWeek([...plan, rest], block('taper'))).map(b => b.sessionId)).toEqual(['d4'])
  expect(taper.breaks(forWeek([rest], block('taper')))).toEqual([])
})

it('takes 41-60 % away (Bosquet et al. 2007, recalled from memory)', () => {
  expect([1 - taper.value.most, 1 - taper.value.least]).toEqual([expect.closeTo(0.41), expect.closeTo(0.6)])
})
