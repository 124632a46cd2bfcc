import { expect, it } from 'vitest'
import { forPlace, kind } from '../testing/handMade'
import { placeSuits, suits } from './placeSuits'

it.each([
  ['activation', { fatigue: 1 }, { fatigue: 2 }],
  ['activation', { fatigue: 4, mode: 'ballistic' }, { fatigue: 4, mode: 'isometric' }],
  ['paired', { fatigue: 2, mode: 'isometric' }, { fatigue: 2, mode: 'locomotor' }],
  ['paired', { fatigue: 2, mode: 'dynamic' }, { fatigue: 3, mode: 'dynamic' }],
  ['home', { fatigue: 3 }, { fatigue: 4 }],
  ['finisher', { fatigue: 2, mode: 'isometric' }, { fatigue: 2, mode: 'dynamic' }],
  ['finisher', { fatigue: 3, mode: 'locomotor' }, { fatigue: 1, mode: 'locomotor' }],
  ['after', { fatigue: 2, shares: { flexion: 1 }, braceStep: 1 }, { fatigue: 1, shares: { flexion: 1 }, braceStep: 1 }],
] as const)('%s suits the first and not the second', (slot, yes, no) => {
  expect([suits(kind(yes), slot), suits(kind(no), slot)]).toEqual([true, false])
})

it('puts a bracing rep inside its lift or after it', () => {
  const inside = kind({ insideLift: true })
  expect((['inside', 'after', 'activation', 'paired', 'home'] as const).map(slot => suits(inside, slot))).toEqual(
    [true, true, false, false, false],
  )
})

it('leaves a circuit to whoever built it', () => {
  expect(placeSuits.breaks(forPlace({ fatigue: 5 }, { item: { slot: 'activation', circuit: 'c' } }))).toEqual([])
  expect(placeSuits.breaks(forPlace({ fatigue: 5 }, { item: { slot: 'activation' } }))).toHaveLength(1)
})
