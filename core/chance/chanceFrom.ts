/**
 * A small generator with a known seed: chance is an argument too, so that the same input gives the same answer on any
 * machine. Each call gives a number from 0 up to 1.
 *
 * @example
 * chanceFrom(7)() === chanceFrom(7)() // => true
 */
export function chanceFrom(seed: number): () => number {
  let state = (seed >>> 0) || 1
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
