/** The typical error of a measurement and the degrees of freedom it stands on. */
export interface TypicalError {
  readonly error: number
  readonly degreesOfFreedom: number
}

/**
 * Typical error from repeat trials. When everybody has the same number k of trials, what all gain or lose from one
 * trial to the next (learning, tiring) is taken out: the residual of persons x trials, sqrt(SS / ((n - 1)(k - 1))); for
 * two trials that is the standard deviation of the differences over the square root of two (Hopkins 2000, recalled).
 * Otherwise the within-person standard deviation pooled over persons, sqrt(SS / sum of (n - 1)).
 *
 * @param trials the repeat trials of each person in order; a single trial says nothing
 * @returns null when nobody has two trials
 * @example
 * typicalError([[10, 12], [20, 20]]) // => { error: 1, degreesOfFreedom: 1 }
 */
export function typicalError(trials: readonly (readonly number[])[]): TypicalError | null {
  const people = trials.filter(own => own.length > 1)
  const [first] = people
  if (!first) return null
  const k = first.length
  const even = people.length > 1 && people.every(own => own.length === k)
  const grand = meanOf(people.flat())
  const shift = even ? first.map((_, at) => meanOf(people.map(own => own[at] ?? NaN)) - grand) : []
  let squares = 0
  for (const own of people) {
    const mean = meanOf(own)
    own.forEach((value, at) => { squares += (value - mean - (shift[at] ?? 0)) ** 2 })
  }
  const degreesOfFreedom = even ? (people.length - 1) * (k - 1) : people.reduce((sum, own) => sum + own.length - 1, 0)
  return { error: Math.sqrt(squares / degreesOfFreedom), degreesOfFreedom }
}

function meanOf(values: readonly number[]): number {
  return values.reduce((a, b) => a + b, 0) / values.length
}

/** Normal quantile of the 95 % band. */
const Z95 = 1.96

/**
 * The smallest difference of two means worth believing at 95 %: 1.96 x typical error x sqrt(1/n + 1/m).
 * For single trials that is 1.96 x sqrt(2) x typical error (Weir 2005, recalled).
 *
 * @example
 * believableDifference(2, 1, 1).toFixed(2) // => '5.54'
 */
export function believableDifference(error: number, n: number, m: number): number {
  return Z95 * error * Math.sqrt(1 / n + 1 / m)
}
