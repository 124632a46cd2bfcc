import { describe, expect, it } from 'vitest'
import { evaluate } from './evaluate'
import { figureOf } from './figure'
import { findModel, MODELS } from './poses'

const size = { sex: 'male', heightM: 1.8, massKg: 80 } as const
const of = (id: string, view: 'side' | 'front' = 'side') => figureOf(evaluate(findModel(id)!, size, {}), view)

describe('a figure', () => {
  it('lies in its box, head and contacts and all', () => {
    for (const { id, view } of MODELS) {
      const { box, far, near, trunk, head, contacts } = of(id, view)
      for (const [x, y] of [...far.flat(), ...near.flat(), ...trunk, ...contacts.map(c => c.at)]) {
        expect(x >= box.left - 1e-9 && x <= box.right + 1e-9, id).toBe(true)
        expect(y >= box.bottom - 1e-9 && y <= box.top + 1e-9, id).toBe(true)
      }
      expect(head.at[1] + head.radiusM, id).toBeLessThanOrEqual(box.top + 1e-9)
    }
  })

  it('from the side shows both sides of an even pose as one', () => {
    const { far, near } = of('elbowPlank')
    expect(far).toEqual(near.map(line => line.map(([x, y]) => [expect.closeTo(x, 9), expect.closeTo(y, 9)])))
  })

  it('from the front shows them apart', () => {
    const { far, near } = of('elbowPlank', 'front')
    expect(Math.abs((far[0]?.[0]?.[0] ?? 0) - (near[0]?.[0]?.[0] ?? 0))).toBeGreaterThan(0.1)
  })

  it('is held up by as much as it weighs', () => {
    const { contacts } = of('elbowPlank')
    expect(contacts.reduce((sum, { forceN, pull }) => sum + forceN * pull[1], 0)).toBeCloseTo(80 * 9.81, 0)
  })

  it('keeps its bones as long as they are', () => {
    const { trunk } = of('elbowPlank')
    const length = trunk.slice(1).reduce((sum, [x, y], i) => {
      const [fromX, fromY] = trunk[i] ?? [0, 0]
      return sum + Math.hypot(x - fromX, y - fromY)
    }, 0)
    expect(length).toBeGreaterThan(0.45)
    expect(length).toBeLessThan(0.6)
  })
})
