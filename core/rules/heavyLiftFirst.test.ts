import { expect, it } from 'vitest'
import { day, forPlace, squat } from '../testing/handMade'
import { heavyLiftFirst, isHeavyAxial } from './heavyLiftFirst'

const light = { ...squat, id: 'light', percent1Rm: 74 }

it('calls an axial lift heavy from 75 % of a maximum', () => {
  expect([74, 75].map(percent1Rm => isHeavyAxial({ ...squat, percent1Rm }))).toEqual([false, true])
  expect(isHeavyAxial({ ...squat, lift: 'benchPress', percent1Rm: 90 })).toBe(false)
})

it('holds up to the last heavy set and not behind it', () => {
  const at = (pairedWith: string | null, slot: 'activation' | 'paired' | 'after', lifts = [squat, light]) =>
    heavyLiftFirst.breaks(forPlace({ fatigue: 3 }, { item: { slot, pairedWith }, session: day([], { lifts }) })).length
  expect([at(null, 'activation'), at('squat', 'paired'), at('light', 'paired'), at(null, 'after')]).toEqual(
    [1, 1, 0, 0],
  )
  expect([at('light', 'paired', [light, squat]), at(null, 'activation', [light])]).toEqual([1, 0])
})

it('does not speak of what does not tire, nor of home', () => {
  const session = day([], { lifts: [squat] })
  expect(heavyLiftFirst.breaks(forPlace({ fatigue: 2 }, { item: { slot: 'activation' }, session }))).toEqual([])
  expect(heavyLiftFirst.breaks(forPlace({ fatigue: 5 }, { item: { slot: 'home' }, session }))).toEqual([])
})
