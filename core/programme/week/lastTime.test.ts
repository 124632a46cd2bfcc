import { describe, expect, it } from 'vitest'
import { VARIATIONS, findVariation, STANDARD } from '../../catalogue'
import { workInWords } from '../../dose'
import { lastTime } from './lastTime'
import type { TrunkItem, WeekPlan } from './week'

const item = (variationId: string, sets: number): TrunkItem => ({
  id: `${variationId}-${sets}`, variationId, dose: { sets, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: '',
})
const week = (...days: (readonly [number, readonly TrunkItem[]])[]): WeekPlan => ({
  sessions: days.map(([day, items]) => ({ id: `s${day}`, day, minutes: 60, lifts: [], items })),
})
const [first, second] = VARIATIONS.filter(v => v.ladder === 'front-plank').map(v => v.id) as [string, string]
const other = VARIATIONS.find(v => v.ladder === 'carries')!.id

describe('what a drill stood at the week before', () => {
  it('is not what another branch of its ladder stood at: a throw says nothing of opening the turn', () => {
    const before = week([1, [item('rotation.lunge-turn', 2)]])
    expect(lastTime('rotation.throw-to-wall', 1, before, STANDARD)).toBeNull()
    expect(lastTime('rotation.stick-turn', 1, before, STANDARD)).toMatchObject({ variationId: 'rotation.lunge-turn' })
  })

  it('takes the same weekday before any other', () => {
    const before = week([1, [item(first, 2)]], [3, [item(first, 3)]], [5, [item(first, 4)]])
    expect(lastTime(first, 3, before, STANDARD)).toEqual({
      day: 3, variationId: first, seconds: 30, same: true, setting: {},
    })
    expect(lastTime(first, 0, before, STANDARD)).toMatchObject({ day: 5, seconds: 40 })
  })

  it('takes the very drill on another day before its ladder on the same', () => {
    expect(lastTime(first, 3, week([1, [item(first, 2)]], [3, [item(second, 5)]]), STANDARD)).toMatchObject({
      variationId: first, same: true,
    })
    expect(lastTime(first, 3, week([3, [item(second, 5), item(other, 5)]]), STANDARD)).toMatchObject({
      variationId: second, same: false,
    })
  })

  it('says nothing of what was not there, or of a drill nobody knows', () => {
    expect(lastTime(first, 3, week([3, [item(other, 5)]]), STANDARD)).toBeNull()
    expect(lastTime('gone', 3, week([3, [item(other, 5), item('lost', 1)]]), STANDARD)).toBeNull()
  })

  it('counts both sides, as the ledger does', () => {
    const sided = VARIATIONS.find(v => v.sides === 'each')!.id
    expect(findVariation(sided)!.sides).toBe('each')
    expect(lastTime(sided, 0, week([0, [item(sided, 2)]]), STANDARD)!.seconds).toBe(40)
  })

  it('is said as a coach says it: 40 s against 30 s is a third more', () => {
    const found = lastTime(first, 3, week([3, [item(first, 3)]]), STANDARD)!
    expect(workInWords(40, found.seconds, 'on Thu 19')).toBe('a third more than on Thu 19')
  })
})
