import { describe, expect, it } from 'vitest'
import { item, session } from '../../testing/fixtures'
import { placeOf, slotId, slotOf } from './plannerPlaces'

describe('a place by its name', () => {
  it.each([
    [{ slot: 'after', pairedWith: null }, 'after'], [{ slot: 'paired', pairedWith: 'squat' }, 'paired:squat'],
    [{ slot: 'inside', pairedWith: 'a:b' }, 'inside:a:b'],
  ] as const)('%j is %s, there and back', (place, name) => {
    expect(slotId(place)).toBe(name)
    expect(placeOf(name)).toEqual(place)
  })

  it('of an item whose lift is gone is after the lifts', () => {
    const paired = { ...item, slot: 'paired' as const, pairedWith: 'squat' }
    expect(slotOf(paired, session)).toBe('paired:squat')
    expect(slotOf(paired, { ...session, lifts: [] })).toBe('after')
    expect(slotOf(item, session)).toBe('after')
  })
})
