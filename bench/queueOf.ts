/** A number at random, 0 (with it) to 1 (without it). */
export type Random = () => number

/** One after another from a start, the same every time (Park and Miller 1988, constants from memory). */
export function steady(start: number): Random {
  let state = start
  return () => {
    state = (state * 48_271) % 2_147_483_647
    return (state - 1) / 2_147_483_646
  }
}

/** A job for one of many who do the same: when it comes, and how long it takes. */
export interface Job { readonly at: number, readonly takes: number }

/** When each job is begun and done, in the order they come, by some who each do one at a time. */
export function served(jobs: readonly Job[], by: number): { begun: number, done: number }[] {
  const free = new Float64Array(by)
  return jobs.map(({ at, takes }) => {
    let who = 0
    for (let i = 1; i < by; i++) if (free[i]! < free[who]!) who = i
    const begun = Math.max(at, free[who]!)
    free[who] = begun + takes
    return { begun, done: begun + takes }
  })
}

/** Times between arrivals, or of work, whose mean is given and whose past says nothing. */
export const exponential = (mean: number, random: Random): number => -mean * Math.log(1 - random())

/** Work most of which takes about its median, and a few pieces much longer: 95 of 100 take at most so much. */
export function lognormal(median: number, p95: number, random: Random): number {
  const sigma = Math.log(p95 / median) / 1.6449
  // Box and Muller (1958).
  const normal = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
  return median * Math.exp(sigma * normal)
}
