import type { Side } from '../dose'
import { believableDifference, spreadOf, type Spread, type TypicalError } from '../statistics'
import type { Person } from './norms'
import { STANDARD_TESTS, testFacts, type TestId, type Tests, type Trial } from './tests'
import { trialError } from './trialError'

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
    const taken = trials.filter(t => t.test === test && t.breakPoint !== 'pain')
    const of = (side: Side): Spread | null => spreadOf(taken.filter(t => t.side === side).map(t => t.value))
    const twoRaters = new Set(taken.map(t => t.takenBy ?? '')).size > 1
    const [left, right] = [of('left'), of('right')]
    if (!left || !right) return []
    const difference = Math.abs(left.mean - right.mean)
    const larger = Math.max(left.mean, right.mean)
    const better = testFacts(test, known).better === 'more' ? 1 : -1
    const { error, errorFrom } = trialError(test, 'right', person, own[test] ?? null, twoRaters)
    const smallest = error === null ? null : believableDifference(error, left.n, right.n)
    return [{
      test, left, right, difference, share: larger > 0 ? difference / larger : 0,
      weaker: difference === 0 ? null : (left.mean - right.mean) * better < 0 ? 'left' : 'right',
      smallest, believable: smallest === null ? null : difference > smallest, errorFrom,
    }]
  })
}
