import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import {
  advanceHold, cuffEnd, HOLD_WAITS, holdRule, noiseOf, packTrace, readCuff, readHold, readLine, trustOf, unpackTrace,
  USUAL_BAND, writeCommand, type Sample,
} from '.'

const { jStat } = jstat
/** A trace at 20 Hz that arrives 5 ms after it was taken. */
const trace = (values: readonly number[], periodMs = 50): Sample[] =>
  values.map((value, seq) => ({ seq, tMs: seq * periodMs, value, arrivedMs: 5 + seq * periodMs }))
const run = (samples: readonly Sample[], targetN: number) =>
  samples.reduce((state, s) => advanceHold(state, s, holdRule(targetN)), HOLD_WAITS)

describe('a line', () => {
  it.each([
    ['KEEN 1 force 20 gauge-1 simulated', {
      says: 'hello', version: 1, kind: 'force', hz: 20, name: 'gauge-1', simulated: true,
    }],
    ['KEEN 1 cuff 10 cuff-b', { says: 'hello', version: 1, kind: 'cuff', hz: 10, name: 'cuff-b', simulated: false }],
    ['S 0 0 -0.25', { says: 'sample', seq: 0, tMs: 0, value: -0.25 }],
    ['B 3 1200', { says: 'press', seq: 3, tMs: 1200 }],
    ['E battery low', { says: 'trouble', text: 'battery low' }],
    ['OK ZERO', { says: 'answer', good: true, text: 'ZERO' }],
  ])('%s is read', (line, means) => { expect(readLine(line)).toEqual(means) })

  it.each([
    '', 'S', 'S 1 2', 'S 1 2 3 4', 'S 1 2 NaN', 'S 1 2 1e9', 'S -1 2 3', 'KEEN 1 sonar 20 x', 'KEEN 1 force 20 x real',
    'B 1', 'x'.repeat(300), 'S 1 2 ' + '9'.repeat(30),
  ])(
    '“%s” is damaged and no value',
    (line) => {
      expect(readLine(line)).toBeNull()
    },
  )

  it('never throws and never makes up a number', () => {
    fc.assert(fc.property(fc.string({ maxLength: 60 }), (text) => {
      const line = readLine(text)
      if (line?.says === 'sample') expect(text).toContain(String(Math.trunc(Math.abs(line.value))))
    }), { seed: 5 })
  })

  it('asks for what can be asked', () => {
    expect([writeCommand({ ask: 'zero' }), writeCommand({ ask: 'fault', fault: 'noise' })]).toEqual([
      'ZERO', 'SIM FAULT noise',
    ])
    expect(() => writeCommand({ ask: 'act', value: NaN, forS: 3 })).toThrow('From -200')
    expect(() => writeCommand({ ask: 'act', value: 5, forS: 0 })).toThrow('300 seconds')
  })
})

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
