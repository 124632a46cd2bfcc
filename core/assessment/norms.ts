import type { Side } from '../dose'
import type { Mean, Norm, TestFacts } from './testFacts'
import { TESTS, type TestId } from './tests'

/** Who is compared. */
export interface Person {
  readonly sex: 'female' | 'male'
  /** Whole years; null when it is not known. */
  readonly ageYears: number | null
}

/** How a value stands, as finely as so wide and skewed a spread allows. */
export type Band = 'far below' | 'below' | 'about' | 'above' | 'far above'
/** Standard deviations at which a band begins (ours): a half, and one and a half. */
const [NEAR, FAR] = [0.5, 1.5]

/** Where a value stands among the people who were measured, or why that is not said. */
export type Standing =
  | {
    readonly known: true
    readonly z: number
    readonly band: Band
    /** What the textbook gives as the mean: another one, without a spread. */
    readonly textbookMean: number
    readonly mean: number
    readonly sd: number
    readonly source: string
    readonly population: string
  }
  | { readonly known: false, readonly why: string }

/**
 * z = (value - mean) / SD against the published values of the own sex and side, and the band it lies in. No percentile:
 * with a spread of 99 on a mean of 149 a normal curve says nothing of the tails. Said only to the population that was
 * measured.
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
  const textbookMean = meanFor(norms.textbook[sex], side)
  return { known: true, z, band: bandOf(z), mean, sd, textbookMean, source, population }
}

function bandOf(z: number): Band {
  const far = Math.abs(z)
  if (far < NEAR) return 'about'
  return z < 0 ? (far < FAR ? 'below' : 'far below') : far < FAR ? 'above' : 'far above'
}

const meanFor = (mean: Mean, side: Side | null): number => (typeof mean === 'number' ? mean : mean[side ?? 'right'])

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
 * @param twoRaters not all trials were taken by the same person
 * @example
 * publishedError('sideBridge', 'right', 'male', false).toFixed(1) // => '3.4'
 */
export function publishedError(
  test: TestId, side: Side | null, sex: Person['sex'], twoRaters: boolean,
): number | null {
  const norms = publishedFacts(test)?.norms
  if (!norms) return null
  const { sameRater, otherRater } = norms.reliability
  return normFor(norms[sex], side).sd * Math.sqrt(1 - (twoRaters ? otherRater : sameRater))
}
