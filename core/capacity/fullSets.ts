/*
 * What a set counts by its relative load. EMG: under about 20-25 % of maximum is low, over 40 % moderate to high
 * (DiGiovine et al. 1992; Escamilla et al. 2010; recalled).
 */
const [NOTHING_UNDER, WHOLE_FROM] = [0.25, 0.4]

/**
 * How much a set counts at a relative load: nothing under a quarter, half up to 0.4, whole from there.
 *
 * @example
 * [0.2, 0.3, 0.5].map(intensityWeight) // => [0, 0.5, 1]
 */
export function intensityWeight(r: number): number {
  return r < NOTHING_UNDER ? 0 : r < WHOLE_FROM ? 0.5 : 1
}

/**
 * Full sets of one set: how far it went to the limit, at most 1, as far as its load counts.
 *
 * @example
 * fullSetsOf(0.25, 0.78) // => 0.25
 */
export function fullSetsOf(effort: number, r: number): number {
  return Math.min(1, effort) * intensityWeight(r)
}
