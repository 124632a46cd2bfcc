import type { SetLog } from '~~/core/assessment'
import type { Evidence, Trunk } from '~~/core/capacity'
import type { AthleteInput, TrialInput } from './types'

/** Only the birth year is kept: the younger of the two possible ages is the careful one. */
export const ageOn = (birthYear: number, day: string): number => Number(day.slice(0, 4)) - birthYear - 1

/** Whose trunk it is, on a day. */
export function trunkOf(
  { sex, heightCm, massKg, birthYear, trainingAgeYears }:
    Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg' | 'birthYear' | 'trainingAgeYears'>,
  day: string,
): Trunk {
  return { sex, heightM: heightCm / 100, massKg, ageYears: ageOn(birthYear, day), trainingAgeYears }
}

/** What is stored of an athlete, as evidence of what the trunk holds. */
export function trunkEvidence(
  trials: readonly Omit<TrialInput, 'id'>[], logs: readonly SetLog[], stands: readonly string[],
): Evidence {
  return {
    trials: trials.map(({ setting, ...trial }) => ({ ...trial, settings: setting })),
    sets: logs.map(({ setting, ...log }) => ({ ...log, settings: setting })),
    stands,
  }
}
