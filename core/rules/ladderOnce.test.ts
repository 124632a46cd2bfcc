import { expect, it } from 'vitest'
import { day, drills, forSession } from '../testing/handMade'
import { ladderOnce } from './ladderOnce'

it('marks the second rung of a branch, not the same drill twice, nor what is done at home', () => {
  const of = (items: ReturnType<typeof drills>) => ladderOnce.breaks(forSession(day(items))).map(b => b.itemId)
  const two = drills(['side-plank.feet', 'side-plank.star'])
  expect(of(two)).toEqual([two[1]!.id])
  expect(of(drills(['side-plank.feet', 'side-plank.feet']))).toEqual([])
  expect(of(drills(['side-plank.feet', 'side-plank.weight-on-hip']))).toEqual([])
  expect(of([two[0]!, { ...two[1]!, slot: 'home' }])).toEqual([])
})
