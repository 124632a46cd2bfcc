/* eslint-disable @typescript-eslint/no-non-null-assertion -- by index: no type says how long a row is */
import { DomainError } from '../errors'

const STEP = 1e-6
const MOST_STEPS = 60

/** As many numbers as there were to start from. */
type Numbers<X> = { readonly [K in keyof X]: number }

/** Unknowns that make the residuals vanish, and what is left of them. */
export interface Solution<X extends readonly number[]> {
  readonly x: Numbers<X>
  readonly residual: number
}

/**
 * Solves one to five equations by Newton's method with halved steps where a full one leads away.
 *
 * @param field named in the error when nothing fits: what a person set that cannot be reached
 * @throws DomainError when no solution is found: the pose cannot be reached.
 * @example
 * solve(([x]) => [x * x - 4], [1], 'x').x.map(v => Math.round(v)) // => [2]
 */
export function solve<X extends readonly number[]>(
  equations: (x: Numbers<X>) => number[], start: readonly [...X], field: string, tolerance = 1e-9,
): Solution<X> {
  // A list changed number by number is as long as it was.
  const residuals = (x: readonly number[]): number[] => equations(x as unknown as Numbers<X>)
  let x: readonly number[] = start
  let r = residuals(x)
  const size = (v: readonly number[]): number => Math.hypot(...v)
  for (let step = 0; step < MOST_STEPS && size(r) > tolerance; step++) {
    const jacobian = r.map(() => [] as number[])
    for (let j = 0; j < x.length; j++) {
      const moved = residuals(x.map((v, i) => (i === j ? v + STEP : v)))
      moved.forEach((v, i) => jacobian[i]!.push((v - r[i]!) / STEP))
    }
    const delta = linear(jacobian, r.map(v => -v))
    if (!delta) break
    let factor = 1
    let next = x.map((v, i) => v + delta[i]!)
    let nextR = residuals(next)
    while (!(size(nextR) < size(r)) && factor > 1e-4) {
      factor /= 2
      next = x.map((v, i) => v + factor * delta[i]!)
      nextR = residuals(next)
    }
    if (!(size(nextR) < size(r))) break
    x = next
    r = nextR
  }
  if (!(size(r) < 1e-6)) throw new DomainError(field, 'No such position can be taken by this body.')
  return { x: x as unknown as Numbers<X>, residual: size(r) }
}

/**
 * Solves a small square system by elimination with pivots; null when it has no single solution.
 *
 * @example
 * linear([[2, 0], [0, 4]], [2, 4]) // => [1, 1]
 */
export function linear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const n = right.length
  const rows = matrix.map((row, i) => [...row, right[i]!])
  for (let col = 0; col < n; col++) {
    let best = col
    for (let row = col + 1; row < n; row++) if (Math.abs(rows[row]![col]!) > Math.abs(rows[best]![col]!)) best = row
    if (Math.abs(rows[best]![col]!) < 1e-12) return null
    ;[rows[col], rows[best]] = [rows[best]!, rows[col]!]
    for (let row = 0; row < n; row++) {
      if (row === col) continue
      const factor = rows[row]![col]! / rows[col]![col]!
      for (let k = col; k <= n; k++) rows[row]![k]! -= factor * rows[col]![k]!
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!)
}
