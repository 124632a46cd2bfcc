import { must } from '../errors'
import type { Side } from '../dose'
import { believableDifference, spreadOf, type Spread, type TypicalError } from '../statistics'
import { publishedError, type Person } from './norms'
import { STANDARD_TESTS, testFacts, type TestId, type Tests, type Trial } from './tests'

/** Left against right in one test, with the smallest difference worth believing. */
export interface SideDifference {
  readonly test: TestId
  readonly left: Spread
  readonly right: Spread
  /** Larger less smaller mean, in the test's unit, and as a share of the larger. */
  readonly difference: number
  readonly share: number
  readonly weaker: Side | null
  /** Null when neither own repeats nor published values say how large an error is. */
  readonly smallest: number | null
  readonly believable: boolean | null
  /** Where the error comes from, in words. */
  readonly errorFrom: string
}

/**
 * Degrees of freedom from which the organisation's own typical error is used (our choice; fewer leave it too loose).
 */
export const ENOUGH_REPEATS = 10

/**
 * Left against right for every one-sided test taken on both sides, from the means of their trials. A size with its
 * error, not a verdict.
 *
 * @param own the organisation's typical error by test, from its repeat trials
 * @example
 * sideDifferences([], { sex: 'male', ageYears: 22 }, {}) // => []
 */
export function sideDifferences(
  trials: readonly Trial[], person: Person, own: Readonly<Partial<Record<TestId, TypicalError | null>>>,
  known: Tests = STANDARD_TESTS,
): SideDifference[] {
  const tests = [...new Set(trials.map(t => t.test))].filter(test => testFacts(test, known).sides === 'each')
  return tests.flatMap((test): SideDifference[] => {
    const of = (side: Side): Spread | null =>
      spreadOf(trials.filter(t => t.test === test && t.side === side && t.breakPoint !== 'pain').map(t => t.value))
    const [left, right] = [of('left'), of('right')]
    if (!left || !right) return []
    const difference = Math.abs(left.mean - right.mean)
    const larger = Math.max(left.mean, right.mean)
    const better = testFacts(test, known).better === 'more' ? 1 : -1
    const { error, errorFrom } = errorOf(test, person, own[test] ?? null)
    const smallest = error === null ? null : believableDifference(error, left.n, right.n)
    return [{
      test, left, right, difference, share: larger > 0 ? difference / larger : 0,
      weaker: difference === 0 ? null : (left.mean - right.mean) * better < 0 ? 'left' : 'right',
      smallest, believable: smallest === null ? null : difference > smallest, errorFrom,
    }]
  })
}

function errorOf(test: TestId, { sex }: Person, own: TypicalError | null): { error: number | null, errorFrom: string } {
  if (own && own.degreesOfFreedom >= ENOUGH_REPEATS) {
    return { error: own.error, errorFrom: `own repeat trials (${own.degreesOfFreedom} degrees of freedom)` }
  }
  const published = publishedError(test, 'right', sex)
  if (published !== null)
    return { error: published, errorFrom: `published reliability: ${must(testFacts(test).norms).source}` }
  return { error: null, errorFrom: 'no error known yet: repeat trials of a few athletes give one' }
}
