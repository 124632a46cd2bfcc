import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { same, threeWay } from './threeWay'

const record = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 0, max: 2 }))
const clean = (r: object): Record<string, unknown> => ({ ...r })

describe('merging two versions of one record', () => {
  it.each([
    ['only mine', { a: 1 }, { a: 2 }, { a: 1 }, { a: 2 }, []],
    ['only theirs', { a: 1 }, { a: 1 }, { a: 3 }, { a: 3 }, []],
    ['both alike', { a: 1 }, { a: 2 }, { a: 2 }, { a: 2 }, []],
    ['both differently', { a: 1 }, { a: 2 }, { a: 3 }, { a: 2 }, ['a']],
    ['mine taken out, theirs as it was', { a: 1, b: 1 }, { b: 1 }, { a: 1, b: 1 }, { b: 1 }, []],
    ['mine taken out, theirs changed', { a: 1 }, {}, { a: 2 }, {}, ['a']],
    ['both added', {}, { a: 1 }, { b: 2 }, { a: 1, b: 2 }, []],
  ])('%s', (_, base, mine, theirs, merged, conflicts) => {
    const result = threeWay(base, mine, theirs)
    expect(result.merged).toEqual(merged)
    expect(result.conflicts).toEqual(conflicts)
  })

  it('a choice settles a clash', () => {
    expect(threeWay({ a: 1 }, { a: 2 }, { a: 3 }, { a: 'theirs' }).merged).toEqual({ a: 3 })
  })

  it('loses no change: every field of the result is mine or theirs, and a lone change always stands', () => {
    fc.assert(fc.property(record, record, record, (base, mine, theirs) => {
      const { merged, conflicts } = threeWay(base, mine, theirs)
      for (const key of ['a', 'b', 'c', 'd']) {
        const [was, own, other, now] = [base[key], mine[key], theirs[key], merged[key]]
        if (own === other) expect(now).toBe(own)
        else if (own === was) expect(now).toBe(other)
        else if (other === was) expect(now).toBe(own)
        else expect(conflicts).toContain(key)
      }
    }), { seed: 11, numRuns: 500 })
  })

  it('is the same from both sides once every clash is settled', () => {
    fc.assert(
      fc.property(record, record, record, (base, mine, theirs) => {
        const { conflicts } = threeWay(base, mine, theirs)
        const take = (side: 'mine' | 'theirs') => Object.fromEntries(conflicts.map(key => [key, side]))
        expect(clean(threeWay(base, mine, theirs, take('theirs')).merged)).toEqual(
          clean(threeWay(base, theirs, mine, take('mine')).merged),
        )
      }),
      { seed: 12, numRuns: 300 },
    )
  })

  it('tells plain values apart by content', () => {
    expect(same({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] })).toBe(true)
    expect(same([1, 2], { 0: 1, 1: 2 })).toBe(false)
    expect(same({ a: undefined }, {})).toBe(true)
    expect(same(NaN, NaN)).toBe(true)
  })
})
