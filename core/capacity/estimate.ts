import { normalDensity, normalShareBelow } from '../statistics'

/** What is believed of the logarithm of a capacity. */
export interface Belief {
  readonly mean: number
  readonly variance: number
}

/** A capacity wanders by so much a week (standard deviation of its logarithm; ours). */
const WALK_A_WEEK = 0.02

/**
 * A belief after some days without evidence: as it was, less certain.
 *
 * @example
 * afterDays({ mean: 5, variance: 0.01 }, 7).variance.toFixed(4) // => '0.0104'
 */
export function afterDays({ mean, variance }: Belief, days: number): Belief {
  return { mean, variance: variance + WALK_A_WEEK ** 2 * Math.max(0, days) / 7 }
}

/**
 * A belief that meets a measurement: both weighted by how certain they are.
 *
 * @param log logarithm of the capacity that was seen
 * @param sd standard deviation of that logarithm, above 0
 * @example
 * measured({ mean: 5, variance: 0.04 }, 5.2, 0.2).mean.toFixed(2) // => '5.10'
 */
export function measured({ mean, variance }: Belief, log: number, sd: number): Belief {
  const gain = variance / (variance + sd * sd)
  return { mean: mean + gain * (log - mean), variance: variance * (1 - gain) }
}

/**
 * A belief that hears "at least so much": where it says so already nothing happens; where it says less it is moved up,
 * by the moments of a normal law cut off below with a soft edge.
 *
 * @param log logarithm of what was reached at least
 * @param sd softness of the edge, above 0
 * @example
 * atLeast({ mean: 6, variance: 0.01 }, 5, 0.2).mean.toFixed(3) // => '6.000'
 */
export function atLeast({ mean, variance }: Belief, log: number, sd: number): Belief {
  const wide = Math.sqrt(variance + sd * sd)
  const z = (mean - log) / wide
  const ratio = densityByShare(z)
  return {
    mean: mean + variance / wide * ratio,
    variance: variance - variance * variance / (wide * wide) * ratio * (z + ratio),
  }
}

/** From here down the share is reckoned too roughly to be divided by. */
const TAIL = -4

/** The density of the normal law by its share below; in the tail by its expansion for large z. */
function densityByShare(z: number): number {
  if (z > TAIL) return normalDensity(z) / normalShareBelow(z)
  return -z - 1 / z + 2 / z ** 3
}
