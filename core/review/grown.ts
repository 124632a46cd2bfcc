import type { CapacityPoint } from './capacityLine'

/**
 * The first and the last week in which a capacity was known from sets or tests; null from less than two. What people of
 * the kind hold is no beginning: getting to know somebody is no growth.
 *
 * @example
 * knownEnds([]) // => null
 */
export function knownEnds(
  points: readonly CapacityPoint[],
): readonly [first: CapacityPoint, last: CapacityPoint] | null {
  const known = points.filter(point => point.measured)
  const [first, last] = [known[0], known.at(-1)]
  return first && last && first !== last ? [first, last] : null
}
