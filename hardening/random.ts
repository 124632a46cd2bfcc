/** Numbers that look random and are the same for the same seed (mulberry32). */
export class Luck {
  constructor(private state: number) {}

  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }

  below(n: number): number {
    return Math.floor(this.next() * n)
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
