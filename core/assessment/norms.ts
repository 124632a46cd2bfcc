import type { Side } from '../dose'
import { normalShareBelow } from '../statistics'
import { TESTS, type Norm, type TestFacts, type TestId } from './tests'

/** Who is compared. */
export interface Person {
  readonly sex: 'female' | 'male'
  /** Whole years; null when it is not known. */
  readonly ageYears: number | null
}

/** Where a value stands among the people who were measured, or why that is not said. */
export type Standing =
  | {
    readonly known: true
    readonly z: number
    readonly percentile: number
    readonly mean: number
    readonly sd: number
    readonly source: string
    readonly population: string
  }
  | { readonly known: false, readonly why: string }

/**
 * z = (value - mean) / SD against the published values of the own sex and side, and the percentile if the spread were
 * normal (it is wide and skewed: to be read with care). Said only to the population that was measured.
 *
 * @example
 * standingOf('extensor', null, 197, { sex: 'male', ageYears: 22 }).z // => 1
 */
export function standingOf(test: TestId, side: Side | null, value: number, { sex, ageYears }: Person): Standing {
  const facts = publishedFacts(test)
  if (!facts?.norms) return { known: false, why: 'No published values are held for this test.' }
  const { norms, better } = facts
  const { source, population, fromAge, toAge } = norms
  if (ageYears === null) return { known: false, why: `Age not known; the values are of people ${population}.` }
  if (ageYears < fromAge)
    return { known: false, why: `Not this population: under ${fromAge}. The values are of people ${population}.` }
  if (ageYears > toAge)
    return { known: false, why: `Not this population: over ${toAge}. The values are of people ${population}.` }
  const { mean, sd } = normFor(norms[sex], side)
  const z = (value - mean) / sd * (better === 'more' ? 1 : -1)
  return { known: true, z, percentile: normalShareBelow(z) * 100, mean, sd, source, population }
}

/** Only standard tests have been measured by others. */
function publishedFacts(test: TestId): TestFacts | undefined {
  return test in TESTS ? TESTS[test as keyof typeof TESTS] : undefined
}

function normFor(norm: Norm | Readonly<Record<Side, Norm>>, side: Side | null): Norm {
  return 'mean' in norm ? norm : norm[side ?? 'right']
}

/**
 * Typical error of a test from published values: SD x sqrt(1 - reliability), the standard error of measurement
 * (Weir 2005, recalled). Null where no reliability is held.
 *
 * @example
 * publishedError('sideBridge', 'right', 'male').toFixed(1) // => '4.8'
 */
export function publishedError(test: TestId, side: Side | null, sex: Person['sex']): number | null {
  const norms = publishedFacts(test)?.norms
  return norms ? normFor(norms[sex], side).sd * Math.sqrt(1 - norms.reliability) : null
}
