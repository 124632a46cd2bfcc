/** A point or direction in space, metres: x forward (towards the head when lying), y to the left, z up. */
export type Vector = readonly [number, number, number]

/**
 * Sum of vectors.
 *
 * @example
 * add([1, 0, 0], [0, 2, 0]) // => [1, 2, 0]
 */
export function add(...all: readonly Vector[]): Vector {
  let [x, y, z] = [0, 0, 0]
  for (const v of all) {
    x += v[0]
    y += v[1]
    z += v[2]
  }
  return [x, y, z]
}

/**
 * A vector stretched by a factor.
 *
 * @example
 * times([1, 2, 3], 2) // => [2, 4, 6]
 */
export function times(v: Vector, factor: number): Vector {
  return [v[0] * factor, v[1] * factor, v[2] * factor]
}

/**
 * The vector from one point to another.
 *
 * @example
 * minus([1, 1, 1], [1, 0, 0]) // => [0, 1, 1]
 */
export function minus(to: Vector, from: Vector): Vector {
  return [to[0] - from[0], to[1] - from[1], to[2] - from[2]]
}

/**
 * Scalar product.
 *
 * @example
 * dot([1, 2, 3], [4, 5, 6]) // => 32
 */
export function dot(a: Vector, b: Vector): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
}

/**
 * Vector product: the moment of a force b at an arm a.
 *
 * @example
 * cross([1, 0, 0], [0, 1, 0]) // => [0, 0, 1]
 */
export function cross(a: Vector, b: Vector): Vector {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]]
}

/**
 * Length.
 *
 * @example
 * norm([3, 4, 0]) // => 5
 */
export function norm(v: Vector): number {
  return Math.hypot(v[0], v[1], v[2])
}

/**
 * The direction of a vector, of length 1; a zero vector stays zero.
 *
 * @example
 * unit([0, 0, 2]) // => [0, 0, 1]
 */
export function unit(v: Vector): Vector {
  const length = norm(v)
  return length > 0 ? times(v, 1 / length) : v
}

/**
 * A vector turned about an axis through the origin by the right hand (Rodrigues).
 *
 * @example
 * turned([1, 0, 0], [0, 0, 1], Math.PI / 2).map(Math.round) // => [0, 1, 0]
 */
export function turned(v: Vector, axis: Vector, rad: number): Vector {
  const [c, s] = [Math.cos(rad), Math.sin(rad)]
  return add(times(v, c), times(cross(axis, v), s), times(axis, dot(axis, v) * (1 - c)))
}
