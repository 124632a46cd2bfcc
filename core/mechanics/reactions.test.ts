import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { verticalReactions } from './reactions'

describe('reactions of the ground', () => {
  it.each([
    [[[0, 0], [1, 0], [0, 1]], [0.25, 0.5], [25, 25, 50]],
    [[[1, 1], [1, -1], [-1, 1], [-1, -1]], [0.5, 0], [37.5, 37.5, 12.5, 12.5]],
    [[[0, 0], [1, 0]], [0.25, 0], [75, 25]],
  ] as const)('%j with 100 N at %j are %j (worked by hand)', (contacts, at, expected) => {
    const { reactionsN, balanced } = verticalReactions(contacts, 100, at)
    expect(balanced).toBe(true)
    reactionsN.forEach((n, i) => expect(n).toBeCloseTo(expected[i]!, 6))
  })

  it('say that nothing balances a load outside the support, and how much is missing', () => {
    expect(verticalReactions([[0, 0], [1, 0]], 100, [2, 0])).toMatchObject({ balanced: false, residualNm: 100 })
  })

  it('carry the load, never pull, and balance it wherever that can be done', () => {
    const place = fc.tuple(fc.double({ min: -2, max: 2, noNaN: true }), fc.double({ min: -2, max: 2, noNaN: true }))
    fc.assert(
      fc.property(
        fc.array(place, { minLength: 3, maxLength: 6 }),
        fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 6, maxLength: 6 }),
        (contacts, weights) => {
          // A point inside the contacts is a weighted mean of them.
          const sum = contacts.reduce((s, _, i) => s + weights[i]!, 0)
          const at = [0, 1].map(k => contacts.reduce((s, c, i) => s + c[k]! * weights[i]!, 0) / sum) as [number, number]
          const { reactionsN } = verticalReactions(contacts, 100, at)
          expect(reactionsN.reduce((a, b) =>
            a + b, 0)).toBeCloseTo(100, 6)
          expect(Math.min(...reactionsN)).toBeGreaterThan(-1e-6)
        },
      ),
      { seed: 42, numRuns: 300 },
    )
  })

  it.each([['contacts', [], 100], ['loadN', [[0, 0]], -5]] as const)('refuse wrong %s', (field, contacts, load) => {
    expect(() => verticalReactions(contacts as never, load, [0, 0])).toThrow(expect.objectContaining({ field }))
  })
})
