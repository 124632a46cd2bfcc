import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { advanceHold, HOLD_WAITS, holdRule, readHold } from './hold'
import type { Sample } from '.'

const { jStat } = jstat
/** A trace at 20 Hz that arrives 5 ms after it was taken. */
const trace = (values: readonly number[], periodMs = 50): Sample[] =>
  values.map((value, seq) => ({ seq, tMs: seq * periodMs, value, arrivedMs: 5 + seq * periodMs }))
const run = (samples: readonly Sample[], targetN: number) =>
  samples.reduce((state, s) => advanceHold(state, s, holdRule(targetN)), HOLD_WAITS)

describe('a hold', () => {
  // Pulls at 0.5 s, lets go at 3.0 s.
  const pull = trace([...Array<number>(10).fill(0), ...Array<number>(50).fill(90), ...Array<number>(20).fill(10)])

  it('begins and ends at the moment the line was crossed, not when it was sure', () => {
    expect(run(pull, 90)).toEqual({ phase: 'ended', beganMs: 500, endedMs: 3000, crossedMs: null })
    expect(readHold(pull, 500, 3000).holdS).toBe(2.5)
  })

  it('is not begun by a jerk, nor ended by a dip of under half a second', () => {
    expect(run(trace([0, 0, 95, 95, 95, 0, 0]), 90).phase).toBe('waiting')
    const dip = [...Array<number>(20).fill(90), ...Array<number>(9).fill(50), ...Array<number>(20).fill(90)]
    expect(run(trace(dip), 90).phase).toBe('holding')
  })

  it('has the steadiness a statistics package gives, without the ramp', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 70, max: 110, noNaN: true }), { minLength: 90, maxLength: 200 }),
        (values) => {
          const samples = trace(values)
          const kept = values.slice(20)
          const found = readHold(samples, 0, samples.at(-1)!.tMs + 1)
          expect(found.cvPercent).toBeCloseTo(100 * jStat.stdev(kept, true) / jStat.mean(kept), 6)
        },
      ),
      { seed: 6 },
    )
  })

  it('by hand: 88, 90, 92 N has a mean of 90 and a CV of 2.2 %', () => {
    const { meanN, cvPercent } = readHold(trace([88, 90, 92]), 0, 150)
    expect([meanN, cvPercent!.toFixed(2)]).toEqual([90, '2.22'])
  })

  it('asks for a target that can be, and something measured', () => {
    expect(() => holdRule(NaN)).toThrow('5 to 2000')
    expect(() => readHold([], 0, 1000)).toThrow('Nothing was measured')
  })
})
