import { array, assert, constantFrom, integer, option, property, record } from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mergeSets, placeOfSet, settleSets } from './sameSet'
import type { SetLogInput } from './types'

const aSet: SetLogInput = {
  id: 'a', prescribedItemId: 'i', day: '2026-03-04', performedAt: '2026-03-04T10:00:00.000Z', setNumber: 1,
  side: 'left', amount: 8, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
}
const anySet = record({
  amount: integer({ min: 1, max: 20 }),
  performedAt: constantFrom('2026-03-04T10:00:00.000Z', '2026-03-04T11:00:00.000Z'),
  breakPoint: constantFrom('none', 'trunk', 'pain'), effort: option(integer({ min: 0, max: 10 })),
  painAt: option(constantFrom('lowBack', 'hips')), note: constantFrom('', 'steady'),
  feltAt: array(constantFrom('sides', 'front'), { maxLength: 1 }),
}).map(over => ({ ...aSet, ...over }) as SetLogInput)
const said = ({ id: _, ...rest }: SetLogInput): object => rest

describe('one set that two devices have logged', () => {
  it('is the one that says more, with what only the other says', () => {
    const board: SetLogInput = { ...aSet, id: 'board', amount: 8, quality: 9 }
    const phone: SetLogInput = { ...aSet, id: 'phone', amount: 6, breakPoint: 'trunk', effort: 8, note: 'late' }
    expect(mergeSets(board, phone)).toEqual({ ...phone, id: 'board', quality: 9 })
  })

  it('comes out the same whichever arrives first, keeps the stored key, and is as it was when sent again', () => {
    assert(property(anySet, anySet, (a, second) => {
      const b = { ...second, id: 'z' }
      const one = mergeSets(a, b)
      expect(said(one)).toEqual(said(mergeSets(b, a)))
      expect(one.id).toBe(a.id)
      expect(mergeSets(one, b)).toEqual(one)
    }))
  })

  it('never loses pain', () => {
    assert(property(anySet, anySet, (a, b) => {
      const { painAt, breakPoint } = mergeSets(a, b)
      if (a.painAt !== null || b.painAt !== null) expect(painAt).not.toBeNull()
      if ([a, b].some(set => set.breakPoint === 'pain')) expect(painAt !== null || breakPoint === 'pain').toBe(true)
    }))
  })

  it('stands at one place', () => {
    expect(placeOfSet(aSet)).toBe('i/left/1')
    expect(placeOfSet({ ...aSet, side: null })).toBe('i/both/1')
  })
})

describe('sets as they count', () => {
  it('are one at each place, put right where somebody did, under the key they were stored with', () => {
    const right: SetLogInput = { ...aSet, id: 'r', side: 'right' }
    const put: SetLogInput = { ...aSet, id: 'c', amount: 5, corrects: 'a' }
    const double: SetLogInput = { ...right, id: 'z', effort: 8 }
    expect(settleSets([aSet, right, put, double, aSet])).toEqual([
      { ...aSet, amount: 5 }, { ...right, effort: 8 },
    ])
    const again: SetLogInput = { ...aSet, id: 'n', day: '2026-03-05' }
    expect(settleSets([aSet, again])).toEqual([aSet, again])
  })
})
