import { expect, it } from 'vitest'
import { day, forPlace, kind, screened } from '../testing/handMade'
import { asksWatching, isAlone, supervision } from './supervision'

const nobody = { flags: [], ageYears: 30 }

it('is asked for by speed and the most, whoever it is; by height of the young; by load of children', () => {
  const asks = (hazards: readonly string[], ageYears: number, fatigue: 1 | 2 = 1) =>
    asksWatching(kind({ hazards: hazards as never, fatigue }), { ...nobody, ageYears })
  expect([asks(['ballistic'], 40), asks(['maximal'], 40)]).toEqual([true, true])
  expect([asks(['overhead'], 17), asks(['overhead'], 18)]).toEqual([true, false])
  expect([asks(['loaded'], 15), asks(['loaded'], 16)]).toEqual([true, false])
  expect([asks([], 11, 2), asks([], 11, 1), asks([], 12, 2)]).toEqual([true, false, false])
})

it('knows who is alone', () => {
  expect([isAlone({ slot: 'home' }, day([])), isAlone({ slot: 'after' }, day([], { supervised: false })),
    isAlone({ slot: 'after' }, day([]))]).toEqual([true, true, false])
})

it('is broken only by somebody alone', () => {
  const fast = { hazards: ['ballistic' as const] }
  const context = screened({})
  expect(supervision.breaks(forPlace(fast, { context }))).toEqual([])
  expect(supervision.breaks(forPlace(fast, { context, session: day([], { supervised: false }) }))).toHaveLength(1)
})
