import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { packTrace, unpackTrace } from './trace'
import type { Sample } from '.'

/** A trace at 20 Hz that arrives 5 ms after it was taken. */
const trace = (values: readonly number[], periodMs = 50): Sample[] =>
  values.map((value, seq) => ({ seq, tMs: seq * periodMs, value, arrivedMs: 5 + seq * periodMs }))

describe('a packed trace', () => {
  it('comes back to the step', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ dt: fc.integer({ min: 1, max: 900 }), value: fc.integer({ min: -20_000, max: 20_000 }) }),
          { maxLength: 200 },
        ),
        (parts) => {
          let tMs = 0
          const samples = parts.map(({ dt, value }, i) => ({ tMs: i === 0 ? 0 : tMs += dt, value: value / 10 }))
          expect(unpackTrace(packTrace(samples, 'force', 20, 0.1))).toEqual(samples)
        },
      ),
      { seed: 8 },
    )
  })

  it('takes under two and a half letters a sample of a hold, where JSON takes over thirty', () => {
    const samples = trace(Array.from({ length: 1200 }, (_, i) => Math.round((90 + Math.sin(i / 3)) * 10) / 10))
    const { packed } = packTrace(samples, 'force', 20, 0.1)
    expect(packed.length / 1200).toBeLessThan(2.5)
    expect(JSON.stringify(samples).length / 1200).toBeGreaterThan(30)
  })

  it.each(['A', 'AE', '!!', 'g', 'AAAAAA'])('“%s” of two samples is damaged', (packed) => {
    expect(() => unpackTrace({ kind: 'force', hz: 20, step: 1, count: 2, packed })).toThrow('damaged')
  })
})
