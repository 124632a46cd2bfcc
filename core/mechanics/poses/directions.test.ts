import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cross } from '../vector'
import { armBy, both, leaning, legBy, limb, rad } from './directions'

const deg = fc.integer({ min: -180, max: 180 })
const length = (v: readonly number[]): number => Math.hypot(...v)
const near = (v: readonly number[]): number[] => v.map(one => Math.round(one * 1e9) / 1e9 + 0)

describe('directions', () => {
  it('upright looks ahead, face down looks at the floor, on the back at the ceiling', () => {
    expect([0, 90, -90].map(d => [near(leaning(d).up), near(leaning(d).front)])).toEqual([
      [[0, 0, 1], [1, 0, 0]], [[1, 0, 0], [0, 0, -1]], [[-1, 0, 0], [0, 0, 1]],
    ])
  })

  it('a limb hangs at 0, points ahead at 90, overhead at 180, to the left with 90 out', () => {
    const up = leaning(0)
    expect([0, 90, 180].map(d => near(limb(up, d)))).toEqual([[0, 0, -1], [1, 0, 0], [0, 0, 1]])
    expect(near(limb(up, 0, 90))).toEqual(near(cross(up.up, up.front)))
  })

  it('of any angles are one long, whatever way the trunk leans', () => {
    fc.assert(fc.property(deg, deg, deg, (lean, at, out) => {
      expect(length(limb(leaning(lean), at, out))).toBeCloseTo(1, 12)
    }))
  })

  it('a bent knee turns shank and foot with it; a bent elbow turns the hand', () => {
    const leg = legBy(leaning(0), 90, 90)
    expect([near(leg.thigh), near(leg.shank), near(leg.foot)]).toEqual([[1, 0, 0], [0, 0, -1], [1, 0, 0]])
    const arm = armBy(leaning(0), 0, 90)
    expect([near(arm.upper), near(arm.fore), arm.hand]).toEqual([[0, 0, -1], [1, 0, 0], arm.fore])
  })

  it('counts half a turn as pi, and a pair alike', () => {
    expect([rad(180), both('x')]).toEqual([Math.PI, { left: 'x', right: 'x' }])
  })
})
