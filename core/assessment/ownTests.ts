import { TRUNK_ACTIONS, type Hazard, type TrunkAction } from '../catalogue'
import { DomainError } from '../errors'
import type { TestFacts } from './testFacts'
import { BATTERIES, TESTS, type Battery, type OwnTestId, type Tests } from './tests'

/** A test that an organisation has written for itself. No norms: nobody else has measured it. */
export interface OwnTest {
  readonly id: OwnTestId
  readonly name: string
  readonly unit: TestFacts['unit']
  readonly better: TestFacts['better']
  readonly sides: TestFacts['sides']
  readonly action: TrunkAction | null
  readonly setUp: string
  readonly stop: string
  /** No longer offered on the desk; what was measured stays readable. */
  readonly retired: boolean
}

/** Units that can be chosen, in words. */
export const TEST_UNIT_WORDS = {
  s: 'seconds', cm: 'centimetres', m: 'metres', kg: 'kilograms', kgm: 'kilograms times metres',
  deg: 'degrees', reps: 'repetitions', points: 'points',
} as const

/**
 * A name made into the id it is kept under: small letters, digits and hyphens.
 *
 * @example
 * ownTestId('Bridge, one leg') // => 'own.bridge-one-leg'
 */
export function ownTestId(name: string): OwnTestId {
  return `own.${name.toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '').slice(0, 40)}`
}

/**
 * Standard tests with an organisation's own. A timed test is one in seconds.
 *
 * @example
 * testsWith([]).plank.unit // => 's'
 */
export function testsWith(own: readonly OwnTest[]): Tests {
  return {
    ...TESTS,
    ...Object.fromEntries(
      own.map((
        { id, name, unit, better, sides, action, setUp, stop },
      ): [OwnTestId, TestFacts] => [id, {
        name, unit, better, sides, action, setUp, stop, timed: unit === 's', norms: null, asks: asksOf(action, unit),
      }]),
    ),
  }
}

/** What an own test may ask of somebody, by all that is known of it: its action, and whether it goes to the limit. */
function asksOf(action: TrunkAction | null, unit: TestFacts['unit']): Hazard[] {
  const bends: Partial<Record<TrunkAction, Hazard>> = {
    flexion: 'flexion', extension: 'extension', rotation: 'loadedRotation',
  }
  const hazard = action === null ? undefined : bends[action]
  return [...(hazard ? [hazard] : []), ...(unit === 's' || unit === 'reps' ? ['pressureRise' as const] : [])]
}

/**
 * Batteries to choose from: the standard ones, and the organisation's own tests as one more where there are any.
 *
 * @example
 * Object.keys(batteriesWith([])).includes('own') // => false
 */
export function batteriesWith(own: readonly OwnTest[]): Readonly<Record<string, Battery>> {
  const offered = own.filter(t => !t.retired)
  return offered.length === 0
    ? BATTERIES
    : { ...BATTERIES, own: { name: 'Tests of your own', tests: offered.map(t => t.id) } }
}

/**
 * What is wrong with a changed list of own tests, as the first problem found: names that clash, tests that vanish (they
 * are retired instead, so that what was measured stays readable), or a unit, sides or direction that changes under what
 * was measured.
 *
 * @throws DomainError `tests.<n>.<field>` with the reason.
 * @example
 * checkOwnTests([], []) // => undefined
 */
export function checkOwnTests(before: readonly OwnTest[], after: readonly OwnTest[]): void {
  const names = new Set(Object.values(TESTS).map(t => t.name.toLowerCase()))
  const ids = new Set<string>()
  after.forEach((test, index) => {
    if (names.has(test.name.toLowerCase()))
      throw new DomainError(`tests.${index}.name`, `There is a test called “${test.name}” already.`)
    names.add(test.name.toLowerCase())
    if (ids.has(test.id))
      throw new DomainError(`tests.${index}.name`, 'This name is too much like that of another test.')
    ids.add(test.id)
    if (test.action !== null && !TRUNK_ACTIONS.includes(test.action))
      throw new DomainError(`tests.${index}.action`, 'There is no such action.')
    const old = before.find(t => t.id === test.id)
    if (!old) return
    for (const field of ['unit', 'sides', 'better'] as const) {
      if (old[field] !== test[field])
        throw new DomainError(
          `tests.${index}.${field}`,
          'This cannot change under what was measured: write a new test and retire this one.',
        )
    }
  })
  const gone = before.find(t => !ids.has(t.id))
  if (gone) throw new DomainError('tests', `“${gone.name}” cannot be taken out, since trials may name it: retire it.`)
}
