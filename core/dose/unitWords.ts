import type { DoseUnit } from './dose'

/** What an amount is counted in, as it is written behind a figure. */
export const DOSE_UNIT_WORDS: Readonly<Record<DoseUnit, string>> = {
  seconds: 's', reps: 'reps', breaths: 'breaths', metres: 'm', letters: 'letters',
}
