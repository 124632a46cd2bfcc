/* eslint-disable @typescript-eslint/no-non-null-assertion -- by index: no type says how long a row is */
import { DomainError } from '../errors'

/** Vertical pushes of the ground, one a contact. */
export interface Reactions {
  readonly reactionsN: readonly number[]
  /** Moment that no push can balance, N·m; about zero when the body is in balance. */
  readonly residualNm: number
  readonly balanced: boolean
}

/** Moments smaller than this share of load x metre count as balance. */
const NEAR_ZERO = 1e-6

/**
 * Shares a load over contacts that can only push: the smallest pushes in the sense of least squares that keep the
 * vertical force and the two tipping moments. A contact that would pull is left out and the rest asked again.
 * Horizontal places in metres; the columns of the equations are [1, y, -x].
 *
 * @throws DomainError `contacts` when there is none, `loadN` when it is not above zero.
 * @example
 * verticalReactions([[0, 0], [1, 0], [0, 1]], 100, [0.25, 0.5]).reactionsN.map(n => Math.round(n)) // => [25, 25, 50]
 */
export function verticalReactions(
  contacts: readonly (readonly [number, number])[], loadN: number, at: readonly [number, number],
): Reactions {
  if (contacts.length === 0) throw new DomainError('contacts', 'There is no contact with the ground.')
  if (!(loadN > 0)) throw new DomainError('loadN', 'The load must be above zero.')
  // Places are taken from the load: its own moment vanishes, and large coordinates do no harm.
  const columns = contacts.map(([x, y]) => [1, y - at[1], at[0] - x])
  return pushes(columns, [loadN, 0, 0], contacts.map(() => false))
}

/**
 * The same for contacts whose columns are given (a hand that pushes along a straight arm adds to the moments);
 * those marked may pull.
 *
 * @example
 * pushes([[1, 0, 0]], [10, 0, 0], [false]).reactionsN // => [10]
 */
export function pushes(
  columns: readonly (readonly number[])[], wanted: readonly [number, number, number], mayPull: readonly boolean[],
): Reactions {
  let used = columns.map((_, i) => i)
  for (;;) {
    const found = leastNorm(used.map(i => columns[i]!), wanted)
    const worst = used.reduce(
      (low, i, k) => (!mayPull[i] && found[k]! < (low.value - 1e-9) ? { value: found[k]!, i } : low),
      { value: -1e-9, i: -1 },
    )
    if (worst.i >= 0 && used.length > 1) {
      used = used.filter(i => i !== worst.i)
      continue
    }
    const all = columns.map(() => 0)
    used.forEach((i, k) => { all[i] = found[k]! })
    // The vertical sum holds exactly, whatever the moments say.
    const sum = all.reduce((a, b) => a + b, 0)
    const scale = Math.abs(sum) > 1e-12 ? wanted[0] / sum : 1
    const reactionsN = all.map(n => n * scale)
    const left = [1, 2].map(row => reactionsN.reduce((total, n, i) => total + n * columns[i]![row]!, 0) - wanted[row]!)
    const residualNm = Math.hypot(...left)
    return { reactionsN, residualNm, balanced: residualNm <= NEAR_ZERO * Math.max(1, Math.abs(wanted[0])) }
  }
}

/**
 * Solution of smallest norm by the three equations' own axes; equations that the contacts cannot serve are left unmet.
 */
function leastNorm(columns: readonly (readonly number[])[], wanted: readonly number[]): number[] {
  const rows = wanted.map((_, r) => columns.map(column => column[r]!))
  const gram = rows.map(a => rows.map(b => a.reduce((sum, v, i) => sum + v * b[i]!, 0)))
  const { values, vectors } = axesOf(gram)
  const largest = Math.max(...values)
  const y = wanted.map(() => 0)
  values.forEach((value, k) => {
    if (value < largest * 1e-12) return
    const axis = vectors.map(row => row[k]!)
    const along = axis.reduce((sum, v, r) => sum + v * wanted[r]!, 0) / value
    axis.forEach((v, r) => { y[r]! += v * along })
  })
  return columns.map(column => column.reduce((sum, v, r) => sum + v * y[r]!, 0))
}

/** Eigenvalues and eigenvectors of a small symmetric matrix by Jacobi's rotations. */
function axesOf(matrix: readonly (readonly number[])[]): { values: number[], vectors: number[][] } {
  const n = matrix.length
  const a = matrix.map(row => [...row])
  const v: number[][] = a.map((_, i) => a.map((__, j) => (i === j ? 1 : 0)))
  for (let sweep = 0; sweep < 30; sweep++) {
    let off = 0
    for (let p = 0; p < n; p++) {
      for (let q = p + 1; q < n; q++) {
        off += Math.abs(a[p]![q]!)
        if (Math.abs(a[p]![q]!) < 1e-300) continue
        const theta = (a[q]![q]! - a[p]![p]!) / (2 * a[p]![q]!)
        const t = Math.sign(theta || 1) / (Math.abs(theta) + Math.hypot(theta, 1))
        const c = 1 / Math.hypot(t, 1)
        const s = t * c
        for (let k = 0; k < n; k++) {
          const [kp, kq] = [a[k]![p]!, a[k]![q]!]
          a[k]![p] = c * kp - s * kq
          a[k]![q] = s * kp + c * kq
        }
        for (let k = 0; k < n; k++) {
          const [pk, qk] = [a[p]![k]!, a[q]![k]!]
          a[p]![k] = c * pk - s * qk
          a[q]![k] = s * pk + c * qk
          const [vp, vq] = [v[k]![p]!, v[k]![q]!]
          v[k]![p] = c * vp - s * vq
          v[k]![q] = s * vp + c * vq
        }
      }
    }
    if (off < 1e-14) break
  }
  return { values: a.map((row, i) => row[i]!), vectors: v }
}
