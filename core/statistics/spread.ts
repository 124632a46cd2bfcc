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
