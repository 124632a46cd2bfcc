import fc from 'fast-check'
import { expect, it } from 'vitest'
import { add, cross, dot, minus, norm, times, turned, unit, type Vector } from './vector'

const number = fc.double({ min: -100, max: 100, noNaN: true })
const vector = fc.tuple(number, number, number) as fc.Arbitrary<Vector>
const near = (a: Vector, b: Vector): void => a.forEach((v, i) => expect(v).toBeCloseTo(b[i]!, 6))

it('by hand', () => {
  expect(add([1, 2, 3], [4, 5, 6], [-1, 0, 1])).toEqual([4, 7, 10])
  expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1])
  expect([norm([2, 3, 6]), dot([1, 2, 3], [4, -5, 6])]).toEqual([7, 12])
  near(turned([1, 0, 0], [0, 0, 1], Math.PI / 2), [0, 1, 0])
})

it('a cross product stands upright on both, and changes sign when they change places', () => {
  fc.assert(fc.property(vector, vector, (a, b) => {
    const c = cross(a, b)
    expect(dot(c, a)).toBeCloseTo(0, 4)
    expect(dot(c, b)).toBeCloseTo(0, 4)
    near(cross(b, a), times(c, -1))
  }), { seed: 3 })
})

it('turning keeps the length, and turning back restores', () => {
  fc.assert(fc.property(vector, vector, fc.double({ min: -6, max: 6, noNaN: true }), (v, around, rad) => {
    fc.pre(norm(around) > 1e-3)
    const axis = unit(around)
    const to = turned(v, axis, rad)
    expect(norm(to)).toBeCloseTo(norm(v), 6)
    near(turned(to, axis, -rad), v)
  }), { seed: 4 })
})

it('what is taken away comes back; nothing has no direction', () => {
  fc.assert(fc.property(vector, vector, (a, b) => near(add(minus(a, b), b), a)), { seed: 6 })
  expect(unit([0, 0, 0])).toEqual([0, 0, 0])
})
