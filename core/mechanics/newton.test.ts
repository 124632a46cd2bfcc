import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { linear, solve } from './newton'

describe('linear equations', () => {
  it('by hand: 2x + y = 5, x - y = 1 gives 2 and 1, also where the first pivot is nothing', () => {
    expect(linear([[2, 1], [1, -1]], [5, 1])).toEqual([expect.closeTo(2), expect.closeTo(1)])
    expect(linear([[0, 1], [1, 0]], [3, 4])).toEqual([4, 3])
  })

  it('that hang on one another have no answer', () => {
    expect(linear([[1, 2], [2, 4]], [1, 2])).toBeNull()
  })

  it('are solved by what is found', () => {
    const number = fc.double({ min: -10, max: 10, noNaN: true })
    fc.assert(
      fc.property(fc.array(number, { minLength: 9, maxLength: 9 }), fc.tuple(number, number, number), (m, right) => {
        // Made dominant on the diagonal, so that there is one answer.
        const matrix = [0, 1, 2].map(i =>
          [0, 1, 2].map(j => m[3 * i + j]! + (i === j ? 40 * (m[3 * i + j]! < 0 ? -1 : 1) : 0))
        )
        const x = linear(matrix, right)!
        matrix.forEach((row, i) => expect(row.reduce((sum, v, j) => sum + v * x[j]!, 0)).toBeCloseTo(right[i]!, 8))
      }),
      { seed: 5, numRuns: 200 },
    )
  })
})

describe('equations that are not', () => {
  it('are found from near: the square root of two, the crossing of a circle and a line', () => {
    expect(solve(([x]) => [x! * x! - 2], [1], 'x').x[0]).toBeCloseTo(Math.SQRT2, 9)
    const { x, residual } = solve(([a, b]) => [a! * a! + b! * b! - 25, b! - a! - 1], [2, 5], 'x')
    expect([x[0], x[1], residual]).toEqual([expect.closeTo(3, 6), expect.closeTo(4, 6), expect.closeTo(0, 6)])
  })

  it('without an answer name the setting', () => {
    expect(() => solve(([x]) => [x! * x! + 1], [1], 'armReachCm')).toThrow(
      expect.objectContaining({ field: 'armReachCm' }),
    )
  })
})
