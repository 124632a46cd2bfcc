/** Mean, sample standard deviation (n - 1) and count; no spread from a single value. */
export interface Spread {
  readonly n: number
  readonly mean: number
  readonly sd: number | null
}

/**
 * Mean and spread of some values; null of none.
 *
 * @example
 * spreadOf([10, 12, 14]) // => { n: 3, mean: 12, sd: 2 }
 */
export function spreadOf(values: readonly number[]): Spread | null {
  const n = values.length
  if (n === 0) return null
  const mean = values.reduce((a, b) => a + b, 0) / n
  const sd = n > 1 ? Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (n - 1)) : null
  return { n, mean, sd }
}

/**
 * The value in the middle, or half way between the two in the middle; 0 of none.
 *
 * @example
 * medianOf([9, 1, 4, 2]) // => 3
 */
export function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = (sorted.length - 1) / 2
  const [low = 0] = sorted.slice(Math.floor(middle))
  const [high = low] = sorted.slice(Math.ceil(middle))
  return (low + high) / 2
}
