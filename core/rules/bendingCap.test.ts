import { describe, expect, it } from 'vitest'
import { bendingCapOf, DEFAULT_POLICY } from '../policy'
import { day, drill, forWeek, kind, ruled } from '../testing/handMade'
import { bendingCap, bendingCycles } from './bendingCap'

const reps = (sets: number, amount: number) => ({ sets, amount, unit: 'reps' as const, restS: 30 })
const bends = { mode: 'dynamic' as const, shares: { flexion: 0.5, antiRotation: 0.5 }, sides: 'both' as const }

describe('bending cycles', () => {
  it('are counted where at least half of a moving drill bends, both sides of a one-sided one', () => {
    expect(bendingCycles(kind(bends), reps(3, 10))).toBe(30)
    expect(bendingCycles(kind({ ...bends, sides: 'each' }), reps(3, 10))).toBe(60)
    expect(bendingCycles(kind({ ...bends, shares: { flexion: 0.49 } }), reps(3, 10))).toBe(0)
    expect(bendingCycles(kind({ ...bends, mode: 'isometric' }), reps(3, 10))).toBe(0)
    expect(bendingCycles(kind(bends), { ...reps(3, 10), unit: 'seconds' })).toBe(0)
  })

  it('reach the cap without a word, and one more is told of at the drill that does it', () => {
    const cap = bendingCapOf(DEFAULT_POLICY)
    const of = (...amounts: number[]) =>
      bendingCap.breaks(forWeek([day(amounts.map(amount => drill('flexion.crunch', { dose: reps(1, amount) })))],
        ruled({})))
    expect(of(cap)).toEqual([])
    expect(of(cap - 1, 1)).toEqual([])
    expect(of(cap, 1)).toHaveLength(1)
  })
})
