import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cuesOf, intervalPhases, READY_S, setsEnded, type IntervalSession, type IntervalStation } from './index'

const station = (name: string, over: Partial<IntervalStation> = {}): IntervalStation =>
  ({ id: name, sides: 'both', workS: 40, names: Array.from({ length: 10 }, () => name), ...over })
const session = (over: Partial<IntervalSession>): IntervalSession => ({
  stations: [], rounds: 1, times: 1, restS: 20, roundRestS: 60, between: null, warmUp: [], coolDown: [], ...over,
})
const plain = (...of: Parameters<typeof intervalPhases>): [string, number][] =>
  intervalPhases(...of).slice(1).map(({ word, seconds }) => [word, seconds])

describe('interval sessions', () => {
  const pair = [station('Plank'), station('Side plank', { sides: 'each', workS: 15 })]

  it('begin with time to get ready; every drill twice, each side by itself', () => {
    const twice = session({ stations: pair, times: 2 })
    expect(intervalPhases(twice)[0]).toMatchObject({ kind: 'ready', seconds: READY_S })
    expect(plain(twice)).toEqual([
      ['Plank', 40], ['rest', 20], ['Plank', 40], ['rest', 20],
      ['Side plank, left', 15], ['Side plank, right', 15], ['rest', 20], ['Side plank, left', 15], [
        'Side plank, right', 15,
      ],
    ])
  })

  it('change with the set', () => {
    const stations = [station('Plank', { names: ['Plank', 'Long plank', 'Plank'] })]
    expect(plain(session({ stations, rounds: 3 })).filter(([word]) => word !== 'rest').map(([word]) => word)).toEqual([
      'Plank', 'Long plank', 'Plank',
    ])
  })

  it('of a fighter: three minutes, and the rest is a crawl', () => {
    const stations = ['Hold', 'Turn', 'Throw'].map(name => station(name, { workS: 60 }))
    expect(plain(session({ stations, rounds: 2, restS: 0, between: station('Crawl', { workS: 60 }) }))).toEqual([
      ['Hold', 60], ['Turn', 60], ['Throw', 60], ['Crawl', 60], ['Hold', 60], ['Turn', 60], ['Throw', 60],
    ])
  })

  it('as a giant set rest once a round, and say in the rest what comes', () => {
    const giant = session({ stations: [station('A'), station('B')], rounds: 2, restS: 0, roundRestS: 90 })
    expect(plain(giant)).toEqual([['A', 40], ['B', 40], ['rest', 90], ['A', 40], ['B', 40]])
    expect(cuesOf(intervalPhases(giant)).map(({ say }) => say).filter(Boolean)).toEqual([
      'A', 'B', 'Next: A', 'A', 'B',
    ])
  })

  it('are guided from the first stretch to the last breath', () => {
    const guided = session({
      stations: [station('A')], warmUp: [{ text: 'Squat and reach', seconds: 150 }],
      coolDown: [{ text: 'Stretch', seconds: 90 }],
    })
    expect(plain(guided)).toEqual([['Squat and reach', 150], ['A', 40], ['Stretch', 90]])
  })

  it('go on where they were left, without the warm-up; a station that is over is a rest', () => {
    const asked = session({ stations: pair, rounds: 2, warmUp: [{ text: 'Squat', seconds: 60 }] })
    const done = new Set(['Plank/1/null', 'Side plank/1/left'])
    const isDone = (set: { id: string, setNumber: number, side: string | null }): boolean =>
      done.has(`${set.id}/${set.setNumber}/${set.side}`)
    expect(plain(asked, { isDone, out: new Set(['Plank']) })).toEqual([
      ['Side plank, right', 15], ['rest', 60], ['rest', 40], ['rest', 20], ['Side plank, left', 15], [
        'Side plank, right', 15,
      ],
    ])
    expect(plain(asked, { isDone: () => true, out: new Set() })).toEqual([])
  })

  it('last as long as their work and rests, and end every set once', () => {
    const count = fc.integer({ min: 1, max: 4 })
    fc.assert(fc.property(count, count, fc.integer({ min: 1, max: 2 }), fc.nat(60), fc.nat(90),
      (n, rounds, times, restS, roundRestS) => {
        const stations = Array.from({ length: n }, (_, i) => station(`${i}`, { sides: i % 2 ? 'each' : 'both' }))
        const timed = intervalPhases(session({ stations, rounds, times, restS, roundRestS }))
        const last = timed.at(-1)!
        const workS = stations.reduce((sum, one) => sum + (one.sides === 'each' ? 80 : 40), 0)
        expect(last.from + last.seconds).toBe(
          READY_S + rounds * (times * (workS + n * restS) - restS) + (rounds - 1) * roundRestS)
        const half = Math.floor((last.from + last.seconds) / 2)
        const keys = [...setsEnded(timed, -1, half), ...setsEnded(timed, half, Infinity)]
          .map(({ id, setNumber, side }) => `${id}/${setNumber}/${side}`)
        const sets = stations.reduce((sum, one) => sum + (one.sides === 'each' ? 2 : 1), 0) * rounds * times
        expect([keys.length, new Set(keys).size]).toEqual([sets, sets])
      }))
  })
})
