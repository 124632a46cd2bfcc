import { expect, it } from 'vitest'
import { day, drills, forSession } from '../testing/handMade'
import { onceASession } from './onceASession'

it('marks both of a drill that stands twice, but for home', () => {
  const two = drills(['side-plank.feet', 'side-plank.feet'])
  expect(onceASession.breaks(forSession(day(two))).map(b => b.itemId)).toEqual(two.map(i => i.id))
  expect(onceASession.breaks(forSession(day([two[0]!, { ...two[1]!, slot: 'home' }])))).toEqual([])
})
