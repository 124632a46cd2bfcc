import { expect, it } from 'vitest'
import { ACTION_FACTS, mainAction, perAction, PLANES, planesOf, TRUNK_ACTIONS } from './trunkAction'

it('has in every plane what makes a movement and what resists it', () => {
  for (const plane of PLANES) {
    const of = TRUNK_ACTIONS.filter(action => ACTION_FACTS[action].plane === plane)
    expect(new Set(of.map(action => ACTION_FACTS[action].resists)), plane).toEqual(new Set([true, false]))
  }
})

it('calls main what has most, the first named of two equal', () => {
  expect(mainAction({ antiRotation: 0.6, rotation: 0.4 })).toBe('antiRotation')
  expect(mainAction({ antiFlexion: 0.5, antiExtension: 0.5 })).toBe('antiExtension')
})

it('counts a plane from a quarter on, added up over its actions', () => {
  expect(planesOf({ antiRotation: 0.75, antiExtension: 0.25 })).toEqual(['sagittal', 'transverse'])
  expect(planesOf({ antiRotation: 0.76, antiExtension: 0.24 })).toEqual(['transverse'])
  expect(planesOf({ antiRotation: 0.76, flexion: 0.12, extension: 0.12 })).toEqual(['transverse'])
  expect(planesOf({ antiRotation: 0.75, flexion: 0.125, extension: 0.125 })).toEqual(['sagittal', 'transverse'])
})

it('gives every action the same to begin with', () => {
  expect(Object.values(perAction(3))).toEqual(TRUNK_ACTIONS.map(() => 3))
})
