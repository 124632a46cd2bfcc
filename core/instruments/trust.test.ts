import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { noiseOf, trustOf, type Sample } from './trust'

const { jStat } = jstat
/** A trace at 20 Hz that arrives 5 ms after it was taken. */
const trace = (values: readonly number[], periodMs = 50): Sample[] =>
  values.map((value, seq) => ({ seq, tMs: seq * periodMs, value, arrivedMs: 5 + seq * periodMs }))

describe('trust', () => {
  const steady = trace(Array.from({ length: 100 }, (_, i) => 90 + Math.sin(i / 5)))

  it('is given to a steady pull, and to a quick beginning of one', () => {
    expect(trustOf(steady, 'force')).toEqual({ reliable: true, problems: [], says: [] })
    expect(trustOf(trace([0, 0, 0, 60, 90, 91, 90, 89, 90, 90, 90]), 'force').reliable).toBe(true)
  })

  it.each([
    ['gap', steady.filter((_, i) => i < 40 || i > 60)],
    ['gap', steady.filter((_, i) => i % 8 !== 0)],
    ['jump', steady.map((s, i) => (i > 50 ? { ...s, value: s.value + 400 } : s))],
    ['noise', steady.map((s, i) => ({ ...s, value: s.value + (i % 2 === 0 ? 40 : -40) }))],
    ['late', steady.map((s, i) => (i > 50 ? { ...s, arrivedMs: s.arrivedMs + 900 } : s))],
    ['range', steady.map((s, i) => (i === 50 ? { ...s, value: 2500 } : s))],
  ] as const)('sees a %s', (problem, samples) => {
    const { reliable, problems, says } = trustOf(samples, 'force')
    expect([reliable, problems.includes(problem), says.length > 0]).toEqual([false, true, true])
  })

  it('sees a silence that goes on', () => {
    expect(trustOf(steady, 'force', steady.at(-1)!.arrivedMs + 900).problems).toEqual(['gap'])
    expect(trustOf(steady, 'force', steady.at(-1)!.arrivedMs + 100).reliable).toBe(true)
  })

  it('estimates white noise on a slow signal as its standard deviation, within a tenth', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 20, noNaN: true }), fc.integer({ min: 1, max: 1e6 }), (sd, seed) => {
        let state = seed
        const chance = (): number => {
          state = (state * 48271) % 2147483647
          return state / 2147483647
        }
        const values = Array.from({ length: 3000 }, (_, i) => jStat.normal.inv(chance(), 0, sd) + i / 200)
        expect(noiseOf(values) / sd).toBeGreaterThan(0.9)
        expect(noiseOf(values) / sd).toBeLessThan(1.1)
      }),
      { seed: 7, numRuns: 20 },
    )
  })
})
