import { expect, it } from 'vitest'
import { day, drills, forSession } from '../testing/handMade'
import { sessionItems } from './sessionItems'

const five = ['side-plank.feet', 'front-plank.elbows', 'hollow.tuck', 'press-out.standing', 'carries.suitcase']

it('is broken by the sixth drill that the engine may move', () => {
  expect(sessionItems.breaks(forSession(day(drills(five))))).toEqual([])
  expect(sessionItems.breaks(forSession(day(drills([...five, 'rollout.barbell']))))).toHaveLength(1)
  const home = { ...drills(['rollout.barbell'])[0]!, slot: 'home' as const }
  expect(sessionItems.breaks(forSession(day([...drills(five), home])))).toEqual([])
})
