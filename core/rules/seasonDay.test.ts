import { expect, it } from 'vitest'
import { able, day, forPlace } from '../testing/handMade'
import { seasonDay } from './seasonDay'

type Kind = 'off' | 'activation' | 'low' | 'moderate' | 'high'
const on = (
  kind: Kind | null,
  fatigue: 1 | 2 | 3,
  slot: 'activation' | 'after' = 'after',
  competitionDays: number[] = [],
) =>
  seasonDay.breaks(forPlace({ fatigue, mode: 'isometric' }, {
    item: { slot },
    session: day([]),
    context: { ...able, competitionDays, seasonDays: [kind, null, null, null, null, null, null] },
  })).length

it('keeps free days free, quiet days for activation, low days from what drains', () => {
  expect([
    on('off', 1, 'activation'),
    on('activation', 1, 'activation'),
    on('activation', 1),
    on('low', 2),
    on('low', 3),
  ])
    .toEqual([1, 0, 1, 0, 1])
  expect([on('moderate', 3), on('high', 3), on(null, 3)]).toEqual([0, 0, 0])
})

it('says nothing where the competition has said it', () => {
  expect(on('off', 3, 'after', [0])).toBe(0)
})
