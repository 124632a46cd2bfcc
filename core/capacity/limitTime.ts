/*
 * Trunk endurance against relative load: T = 22.69 r^-2.27 seconds, the trunk curve of Frey-Law & Avin 2010, a
 * meta-analysis of endurance times (recalled from memory).
 */
const SECONDS_AT_ONE = 22.69
export const FALL = 2.27
/** Times that the curve is believed for, seconds (ours). */
const [SHORTEST_S, LONGEST_S] = [2, 600]

/**
 * How long a relative load can be held, seconds; 2-600.
 *
 * @param r moment asked by moment that could be held for an instant
 * @example
 * limitTimeS(0.525).toFixed(0) // => '98'
 */
export function limitTimeS(r: number): number {
  if (!(r > 0)) return LONGEST_S
  return Math.min(LONGEST_S, Math.max(SHORTEST_S, SECONDS_AT_ONE * r ** -FALL))
}

/**
 * The relative load that can just be held so long: the curve read backwards.
 *
 * @param seconds above 0
 * @example
 * relativeLoadAt(98).toFixed(3) // => '0.525'
 */
export function relativeLoadAt(seconds: number): number {
  return (seconds / SECONDS_AT_ONE) ** (-1 / FALL)
}

/**
 * By how much a capacity would have to grow for a load to go only so far of the way: damage goes with capacity to the
 * power of -2.27 wherever the curve is believed.
 *
 * @param damage how far of the way to the limit a set went by the capacity that was assumed
 * @param wanted how far of the way it is said to have gone, above 0
 * @example
 * capacityFactor(1, 0.5).toFixed(3) // => '1.357'
 */
export function capacityFactor(damage: number, wanted: number): number {
  return (damage / wanted) ** (1 / FALL)
}
