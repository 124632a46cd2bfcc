/** Seeded chance: the same seed makes the same centre. */
export interface Chance {
  /** 0 up to but not including 1. */
  readonly next: () => number
  readonly pick: <T>(from: readonly T[]) => T
  /** A whole number from `low` to `high`. */
  readonly between: (low: number, high: number) => number
  readonly yes: (share: number) => boolean
  /** A key in UUID form. */
  readonly key: () => string
}

/** Mulberry32, a small generator with a 32-bit state. */
export function chance(seed: number): Chance {
  let state = seed >>> 0
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
  const hex = (digits: number): string =>
    Array.from({ length: digits }, () => Math.floor(next() * 16).toString(16)).join('')
  return {
    next,
    pick: from => from[Math.floor(next() * from.length)]!,
    between: (low, high) => low + Math.floor(next() * (high - low + 1)),
    yes: share => next() < share,
    key: () => `${hex(8)}-${hex(4)}-7${hex(3)}-8${hex(3)}-${hex(12)}`,
  }
}
