import { HAZARDS } from '../catalogue'
import { ageBand } from '../rules/age'
import { flagFacts, redFlags, type Screen } from '../screening'
import { STANDARD_TESTS, testFacts, type TestId, type Tests } from './tests'

/** Seconds of a timed trial under which it was hardly begun (ours). */
const HARDLY_BEGUN_S = 3
/** A value this many times the athlete's own usual one, either way, is looked at before it counts (ours). */
const FAR = 2
/** Trials that a usual value rests on. */
const LATEST = 3

/**
 * Why a test may not be taken by an athlete on a day; empty when it may. A test to the limit is training to the limit:
 * what a flag or an age takes away from drills it takes away from tests, and before a clearance nothing is tested.
 *
 * @param tests those of an organisation's own among them: of these only stops and clearances are known
 * @example
 * testStops('flexor', { ...context.screen, flags: ['fainting'] }) // => ['Fainting on effort: refer first, no test.']
 */
export function testStops(
  test: TestId, screen: Pick<Screen, 'flags' | 'ageYears'>, tests: Tests = STANDARD_TESTS,
): string[] {
  const { asks, timed } = testFacts(test, tests)
  const band = ageBand(screen.ageYears)
  const red = redFlags(screen.flags).map(id => `${flagFacts(id).name}: refer first, no test.`)
  if (red.length > 0) return red
  return [...screen.flags.map(flagFacts), ...(band ? [band] : [])].flatMap(
    ({ name, removes, clearanceFirst, longestHoldS }) => {
      if (clearanceFirst) return [`${name}: a clearance comes before any test.`]
      const hit = asks.filter(hazard => removes.includes(hazard))
      if (hit.length > 0) return [`${name}: no ${hit.map(h => HAZARDS[h]).join(', ')}.`]
      return longestHoldS && timed && asks.includes('pressureRise') ? [`${name}: no hold to the limit.`] : []
    },
  )
}

/**
 * What is odd about a value, to be asked before it counts; null when nothing is: hardly begun, or far from the
 * athlete's own latest ones.
 *
 * @param before the athlete's earlier values of this test and side, oldest first
 * @example
 * oddTrial('plank', 2, [60, 70]) // => 'Under 3 s: was it begun?'
 */
export function oddTrial(
  test: TestId, value: number, before: readonly number[], tests: Tests = STANDARD_TESTS,
): string | null {
  const { timed } = testFacts(test, tests)
  if (timed && value < HARDLY_BEGUN_S) return `Under ${HARDLY_BEGUN_S} s: was it begun?`
  const usual = before.filter(v => v > 0).slice(-LATEST)
  if (usual.length === 0) return null
  const mean = usual.reduce((sum, v) => sum + v, 0) / usual.length
  return value > mean * FAR || value < mean / FAR ? `Far from the usual ${Math.round(mean)}: does it count?` : null
}
