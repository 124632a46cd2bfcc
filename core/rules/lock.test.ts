import { expect, it } from 'vitest'
import { forPlace, ruled } from '../testing/handMade'
import { lock } from './lock'

it('keeps a drill out, or to its places', () => {
  const never = ruled({ never: ['side-plank.feet'] })
  const only = ruled({ only: { 'side-plank.feet': ['finisher'] } })
  expect(lock.breaks(forPlace({}, { context: never }))).toEqual(['Locked out: never this drill.'])
  expect(lock.breaks(forPlace({}, { context: only }))).toHaveLength(1)
  expect(lock.breaks(forPlace({}, { context: only, item: { slot: 'finisher' } }))).toEqual([])
  expect(lock.breaks(forPlace({}))).toEqual([])
})
