import type { Hazard, TrunkAction } from '../catalogue'
import type { Side } from '../dose'
import type { InstrumentKind } from '../instruments'

/** Published mean and standard deviation of one sex, for a side where sides were told apart. */
export interface Norm { readonly mean: number, readonly sd: number }

/** Published values of a test, with who was measured. */
export interface TestNorms {
  readonly source: string
  readonly population: string
  /** Whole years the population stands for. */
  readonly fromAge: number
  readonly toAge: number
  readonly male: Norm | Readonly<Record<Side, Norm>>
  readonly female: Norm | Readonly<Record<Side, Norm>>
  /** Mean in the same author's textbook, where he gives one: it differs, and has no spread. */
  readonly textbook: { readonly source: string, readonly male: Mean, readonly female: Mean }
  readonly reliability: Reliability
}

/** One mean, or one a side. */
export type Mean = number | Readonly<Record<Side, number>>

/** Test-retest reliability coefficients: it is another error where somebody else holds the watch. */
export interface Reliability {
  readonly sameRater: number
  readonly otherRater: number
  readonly source: string
}

/** One test of the desk: what is measured, how, and what it speaks of. */
export interface TestFacts {
  readonly name: string
  readonly unit: 's' | 'cm' | 'm' | 'kg' | 'kgm' | 'deg' | 'reps' | 'points'
  readonly better: 'more' | 'less'
  readonly sides: 'both' | 'each'
  /** The trunk action it asks for; null where it asks something else. */
  readonly action: TrunkAction | null
  /** What can be wrong with it for somebody, as of a drill. */
  readonly asks: readonly Hazard[]
  /** Run against a stopwatch. */
  readonly timed: boolean
  readonly setUp: string
  /** What ends the trial. */
  readonly stop: string
  readonly norms: TestNorms | null
  /** The rung whose gate a good trial speaks for. */
  readonly speaksFor?: string
  /** The instrument that can take it. */
  readonly instrument?: InstrumentKind
}
