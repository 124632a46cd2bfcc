import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { expandSets, setSeconds, type Dose } from '../dose'
import {
  cuesOf, doneBy, holdClock, inTime, leapTo, lookAt, placeAt, READY_S, setPhases, startClock, type TimerClock,
} from './index'

const dose = (over: Partial<Dose>): Dose => ({ sets: 3, amount: 6, unit: 'reps', restS: 60, ...over })
const plain = (phases: readonly { word: string, seconds: number }[]): [string, number][] =>
  phases.map(({ word, seconds }) => [word, seconds])

describe('the phases of a set', () => {
  it.each<[string, Partial<Dose>, [string, number][]]>([
    ['a hold', { unit: 'seconds', amount: 30 }, [['hold', 30]]],
    ['repeats at a tempo, parts of no length left out', { amount: 2, tempo: '3-1-2-0' }, [
      ['out', 3], ['hold', 1], ['back', 2], ['out', 3], ['hold', 1], ['back', 2],
    ]],
    ['repeats without one: two seconds each way', { amount: 1 }, [['out', 2], ['back', 2]]],
    ['breaths', { unit: 'breaths', amount: 2 }, [['in', 2], ['out', 3], ['in', 2], ['out', 3]]],
    ['a carry is open', { unit: 'metres', amount: 40 }, [['walk', 50]]],
  ])('%s', (_, over, phases) => {
    expect(plain(setPhases(dose(over)))).toEqual([['ready', READY_S], ...phases])
  })

  it('letters are said by name', () => {
    const letters = setPhases(dose({ unit: 'letters', amount: 28 })).slice(1)
    expect([letters[0]!.name, letters[25]!.name, letters[26]!.name]).toEqual(['A', 'Z', 'A'])
  })

  it('short holds with short rests run through, also from the middle', () => {
    const cluster = dose({ sets: 4, unit: 'seconds', amount: 10, restS: 5 })
    const three = expandSets(cluster, 'both', null).slice(1)
    expect(plain(setPhases(cluster, three)).slice(1)).toEqual([
      ['hold', 10], ['rest', 5], ['hold', 10], ['rest', 5], ['hold', 10],
    ])
    expect(setPhases(cluster, three).at(-1)!.count).toEqual({ at: 3, of: 3 })
    const two = { ...cluster, sets: 2 }
    expect(plain(setPhases(two, expandSets(two, 'each', null))).slice(1)).toEqual([
      ['hold, left', 10], ['other side', 3], ['hold, right', 10], ['rest', 5],
      ['hold, left', 10], ['other side', 3], ['hold, right', 10],
    ])
  })

  it('last as long as the dose says, in any unit', () => {
    fc.assert(fc.property(
      fc.integer({ min: 1, max: 40 }), fc.constantFrom('seconds', 'reps', 'breaths', 'letters', 'metres'),
      fc.constantFrom(undefined, '3-0-3-0', '2-1-2-1'), (amount, unit, tempo) => {
        const asked = dose({ amount, unit, ...(tempo && unit === 'reps' ? { tempo } : {}) })
        const last = setPhases(asked).at(-1)!
        expect(last.from + last.seconds - READY_S).toBeCloseTo(setSeconds(asked), 9)
      },
    ))
  })

  it('what was done when it is stopped: whole repeats, seconds of the hold', () => {
    const reps = dose({ tempo: '3-0-3-0' })
    const by = (asked: Dose, s: number) => doneBy(asked, setPhases(asked), READY_S + s).amount
    expect([-3, 0, 5.9, 6, 35.9, 36, 99].map(s => by(reps, s))).toEqual([0, 0, 0, 1, 5, 6, 6])
    const hold = dose({ unit: 'seconds', amount: 30 })
    expect([-3, 21.4, 34].map(s => by(hold, s))).toEqual([0, 21, 34])
    expect(by(dose({ unit: 'metres', amount: 40 }), 25)).toBe(20)
    const cluster = dose({ sets: 3, unit: 'seconds', amount: 10, restS: 5 })
    const timed = setPhases(cluster, expandSets(cluster, 'both', null))
    expect([7, 12, 22, 44].map(s => doneBy(cluster, timed, READY_S + s))).toEqual([
      { whole: 0, amount: 7 }, { whole: 0, amount: 10 }, { whole: 1, amount: 7 }, { whole: 2, amount: 14 },
    ])
  })
})

describe('where a timer is', () => {
  const three = inTime([
    { kind: 'ready', word: 'ready', seconds: 3, count: null }, { kind: 'open', word: 'walk', seconds: 10, count: null },
    { kind: 'rest', word: 'rest', seconds: 5, count: null },
  ])

  it('stays in an open phase until it is ended, and is over after the last', () => {
    expect(placeAt(three, 1)).toMatchObject({ index: 0, left: 2, over: false })
    expect(placeAt(three, 100)).toMatchObject({ index: 1, left: -87, over: false })
    expect(placeAt(three.slice(0, 1), 3)).toMatchObject({ index: 0, left: 0, over: true })
    expect(placeAt([], 0)).toBeNull()
  })
})

describe('the sounds of a timer', () => {
  it('turn with the tempo, begin with each repeat, count down what is long, and end', () => {
    expect(cuesOf(setPhases(dose({ amount: 2, tempo: '3-0-3-0' }))).map(({ atS, tone }) => [atS, tone])).toEqual([
      [2, 'count'], [3, 'count'], [4, 'count'], [5, 'begin'], [8, 'turn'], [11, 'begin'], [14, 'turn'], [17, 'end'],
    ])
  })

  it('come in their order, none before the beginning', () => {
    const units = fc.constantFrom('seconds' as const, 'breaths' as const, 'letters' as const)
    fc.assert(fc.property(fc.integer({ min: 1, max: 12 }), units, (n, unit) => {
      const at = cuesOf(setPhases(dose({ amount: n, unit }))).map(cue => cue.atS)
      expect(at).toEqual([...at].sort((a, b) => a - b))
      expect(at[0]).toBeGreaterThanOrEqual(0)
    }))
  })
})

describe('the clock of a timer', () => {
  it('loses nothing while a tab is throttled, a device sleeps, or the time of day is set by an hour', () => {
    fc.assert(fc.property(fc.array(fc.record({
      ms: fc.integer({ min: 10, max: 60_000 }), sleeps: fc.boolean(),
      set: fc.constantFrom(0, 0, 0, 3_600_000, -3_600_000),
    }), { minLength: 30, maxLength: 120 }), (looks) => {
      let [wallMs, steadyMs, trueMs] = [1_800_000_000_000, 500, 0]
      let clock: TimerClock = startClock({ wallMs, steadyMs })
      for (const { ms, sleeps, set } of looks) {
        trueMs += ms
        // A steady clock may stand still in sleep; nobody sets a clock in the same moment.
        wallMs += ms + (sleeps ? 0 : set)
        steadyMs += sleeps ? 0 : ms
        clock = lookAt(clock, { wallMs, steadyMs })
      }
      // A nap shorter than the drift of two clocks cannot be told from it.
      const naps = looks.filter(one => one.sleeps && one.ms <= 250).length
      expect(Math.abs(clock.goneMs - trueMs)).toBeLessThanOrEqual(250 * naps)
    }))
  })

  it('is held, and goes on from there', () => {
    const at = (ms: number) => ({ wallMs: 1e12 + ms, steadyMs: ms })
    const held = holdClock(startClock(at(0)), at(4000), true)
    const on = holdClock(lookAt(held, at(60_000)), at(90_000), false)
    expect([held.goneMs, lookAt(on, at(91_000)).goneMs]).toEqual([4000, 5000])
  })

  it('leaps over what is left out, goes on from there, and never leaps back', () => {
    const at = (ms: number) => ({ wallMs: 1e12 + ms, steadyMs: ms })
    const leapt = leapTo(startClock(at(0)), at(4000), 60_000)
    expect([leapt.goneMs, lookAt(leapt, at(5000)).goneMs]).toEqual([60_000, 61_000])
    expect(leapTo(leapt, at(6000), 10_000).goneMs).toBe(62_000)
  })
})
