import type { Side } from '../dose'
import { must } from '../errors'
import type { TypicalError } from '../statistics'
import { publishedError, type Person } from './norms'
import { testFacts, type TestId } from './tests'

/**
 * Degrees of freedom from which the organisation's own typical error is used (our choice; fewer leave it too loose).
 */
const ENOUGH_REPEATS = 10

/**
 * How far a single trial errs, in the test's unit, and where that is known from: the organisation's own repeats, or
 * published reliability; null when neither says.
 *
 * @param twoRaters more than one person held the watch
 * @example
 * trialError('hollow', null, { sex: 'male', ageYears: 22 }, null, false).error // => null
 */
export function trialError(
  test: TestId, side: Side | null, { sex }: Person, own: TypicalError | null, twoRaters: boolean,
): { readonly error: number | null, readonly errorFrom: string } {
  if (own && own.degreesOfFreedom >= ENOUGH_REPEATS) {
    return { error: own.error, errorFrom: `own repeat trials (${own.degreesOfFreedom} degrees of freedom)` }
  }
  const error = publishedError(test, side, sex, twoRaters)
  if (error === null) return { error, errorFrom: 'no error known yet: repeat trials of a few athletes give one' }
  const raters = twoRaters ? ', two raters' : ''
  return { error, errorFrom: `published reliability: ${must(testFacts(test).norms).source}${raters}` }
}
