import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

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

export function chance(seed: number): Chance {
  const generator = xoroshiro128plus(seed)
  const next = (): number => uniformFloat32(generator)
  const between = (low: number, high: number): number => uniformInt(generator, low, high)
  const hex = (digits: number): string =>
    Array.from({ length: digits }, () => between(0, 15).toString(16)).join('')
  return {
    next,
    pick: from => from[between(0, from.length - 1)]!,
    between,
    yes: share => next() < share,
    key: () => `${hex(8)}-${hex(4)}-7${hex(3)}-8${hex(3)}-${hex(12)}`,
  }
}
