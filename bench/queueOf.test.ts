import { describe, expect, it } from 'vitest'
import { exponential, lognormal, served, steady } from './queueOf'

/** Share of those who wait at all, and how long one waits in the mean, for `by` who are at `load` (Erlang 1917). */
function erlangC(by: number, load: number, takes: number): { waits: number, mean: number } {
  let term = 1
  let sum = 1
  for (let i = 1; i < by; i++) sum += term *= load / i
  const all = term * load / by * (by / (by - load))
  const waits = all / (sum + all)
  return { waits, mean: waits * takes / (by - load) }
}

describe('a queue', () => {
  it('worked by hand: two who each do one at a time', () => {
    const jobs = [{ at: 0, takes: 5 }, { at: 0, takes: 1 }, { at: 0.5, takes: 1 }, { at: 9, takes: 1 }]
    expect(served(jobs, 2)).toEqual([
      { begun: 0, done: 5 }, { begun: 0, done: 1 }, { begun: 1, done: 2 }, { begun: 9, done: 10 },
    ])
  })

  it.each([[1, 0.7], [4, 3.2], [20, 17]])('of %i at a load of %f waits as long as is reckoned', (by, load) => {
    const random = steady(7)
    let at = 0
    const jobs = Array.from({ length: 200_000 }, () => ({
      at: at += exponential(1 / load, random), takes: exponential(1, random),
    }))
    const waited = served(jobs, by).map(({ begun }, i) => begun - jobs[i]!.at)
    const { waits, mean } = erlangC(by, load, 1)
    const share = waited.filter(one => one > 0).length / jobs.length
    expect(Math.abs(share / waits - 1)).toBeLessThan(0.05)
    expect(Math.abs(waited.reduce((a, b) => a + b, 0) / jobs.length / mean - 1)).toBeLessThan(0.12)
  })

  it('work has the median and the 95 of 100 that are asked for', () => {
    const random = steady(11)
    const all = Array.from({ length: 40_000 }, () => lognormal(40, 300, random)).sort((a, b) => a - b)
    expect(all[20_000]! / 40).toBeCloseTo(1, 1)
    expect(all[38_000]! / 300).toBeCloseTo(1, 1)
  })
})
