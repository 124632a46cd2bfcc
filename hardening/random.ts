import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** Numbers that look random and are the same for the same seed. */
export class Luck {
  private readonly generator

  constructor(seed: number) {
    this.generator = xoroshiro128plus(seed)
  }

  /** 0 up to but not including 1. */
  next(): number {
    return uniformFloat32(this.generator)
  }

  below(n: number): number {
    return uniformInt(this.generator, 0, n - 1)
  }

  pick<T>(list: readonly T[]): T {
    return list[this.below(list.length)]!
  }

  chance(p: number): boolean {
    return this.next() < p
  }

  key(): string {
    const hex = Array.from({ length: 32 }, () => this.below(16).toString(16)).join('')
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-7${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20)}`
  }
}

/** A whole number from the command line: `--cases 20000`. */
export function argument(name: string, fallback: number): number {
  const at = process.argv.indexOf(`--${name}`)
  const value = at > 0 ? Number(process.argv[at + 1]) : fallback
  if (!(Number.isInteger(value) && value >= 0)) throw new Error(`--${name} wants a whole number.`)
  return value
}
