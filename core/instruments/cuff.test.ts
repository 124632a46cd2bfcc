import { describe, expect, it } from 'vitest'
import { cuffEnd, readCuff, USUAL_BAND } from './cuff'
import type { Sample } from '.'

/** A trace at 20 Hz that arrives 5 ms after it was taken. */
const trace = (values: readonly number[], periodMs = 50): Sample[] =>
  values.map((value, seq) => ({ seq, tMs: seq * periodMs, value, arrivedMs: 5 + seq * periodMs }))

describe('a cuff', () => {
  it('counts the time inside its band and says which way it leaves', () => {
    // 10 Hz: 2 s at 40, 2 s at 30, then 1 s at 41.
    const samples = trace(
      [...Array<number>(20).fill(40), ...Array<number>(20).fill(30), ...Array<number>(11).fill(41)],
      100,
    )
    const { inside, longestOutS, alarm } = readCuff(samples, USUAL_BAND)
    expect([inside, longestOutS, alarm]).toEqual([0.6, 2, null])
    expect(readCuff(samples.slice(0, 40), USUAL_BAND).alarm).toBe('low')
    expect(readCuff(trace(Array<number>(15).fill(52), 100), USUAL_BAND).alarm).toBe('high')
    expect(readCuff(trace(Array<number>(8).fill(52), 100), USUAL_BAND).alarm).toBeNull()
  })

  it('ends where the pressure left, not where it was sure, and a breath does not end it', () => {
    const left = [
      ...Array<number>(30).fill(40), ...Array<number>(9).fill(47), ...Array<number>(20).fill(40),
      ...Array<number>(15).fill(47),
    ]
    expect(cuffEnd(trace(left, 100), USUAL_BAND)).toBe(5900)
    expect(cuffEnd(trace(left.slice(0, 60), 100), USUAL_BAND)).toBeNull()
  })

  it('finds the drift of a straight line to the digit, and none in less than five seconds', () => {
    expect(readCuff(trace(Array.from({ length: 101 }, (_, i) => 40 - i * 0.01), 100), USUAL_BAND).driftPerMin)
      .toBeCloseTo(-6, 9)
    expect(readCuff(trace([40, 41, 42], 100), USUAL_BAND).driftPerMin).toBeNull()
  })
})
