import { expect, it } from 'vitest'
import type { TrunkItem, WeekPlan } from '../week/week'
import { withoutRefused } from './withoutRefused'

const item = (id: string, sets: number): TrunkItem => ({
  id, variationId: 'side-plank.feet', dose: { sets, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: '',
})
const week = (...items: TrunkItem[]): WeekPlan => ({ sessions: [{ id: 's', day: 0, minutes: 60, lifts: [], items }] })

it('leaves out what is new and refused, puts back what was stored, and keeps the rest in its order', () => {
  const [a, b, c] = [item('a', 2), item('b', 3), item('c', 4)]
  expect(withoutRefused(week(a, b, c), [b], week())).toEqual(week(a, c))
  expect(withoutRefused(week(a, b, c), [b], week(item('b', 1)))).toEqual(week(a, item('b', 1), c))
})

it('takes a drill that was changed since it was refused as a new try', () => {
  expect(withoutRefused(week(item('a', 3)), [item('a', 2)], week())).toEqual(week(item('a', 3)))
})
