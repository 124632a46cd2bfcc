/**
 * Share of a normal population below z, 0-1, by the complementary error function of Abramowitz & Stegun 1964, 7.1.26
 * (recalled; absolute error below 1.5e-7).
 *
 * @example
 * normalShareBelow(0).toFixed(4) // => '0.5000'
 */
export function normalShareBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * x)
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
  const above = 0.5 * poly * Math.exp(-x * x)
  return z > 0 ? 1 - above : above
}

/**
 * Density of the standard normal law.
 *
 * @example
 * normalDensity(0).toFixed(4) // => '0.3989'
 */
export function normalDensity(z: number): number {
  return Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI)
}
