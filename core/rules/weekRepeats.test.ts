import { expect, it } from 'vitest'
import { day, drill, forWeek } from '../testing/handMade'
import { weekRepeats } from './weekRepeats'

const days = (ids: readonly string[]) => ids.map((id, d) => day([drill(id)], { id: `d${d}`, day: d }))

it('is broken by the third time, except in the brace course', () => {
  const of = (id: string, times: number) => weekRepeats.breaks(forWeek(days(Array.from({ length: times }, () => id))))
  expect([of('side-plank.feet', 2).length, of('side-plank.feet', 3).length, of('side-plank.feet', 4).length]).toEqual(
    [0, 1, 2],
  )
  expect(of('brace.low-breath', 6)).toEqual([])
})
