import { addDays, type IsoDay } from '../calendar'

/** Days that a test or a set speaks for: half a year (common practice, no source). A gate met a year ago is no gate. */
export const EVIDENCE_DAYS = 182

/**
 * What of trials or sets still speaks on a day.
 *
 * @example
 * stillSpeaks([{ day: '2026-01-05' }, { day: '2025-01-05' }], '2026-03-01') // => [{ day: '2026-01-05' }]
 */
export function stillSpeaks<T extends { readonly day: IsoDay }>(all: readonly T[], today: IsoDay): T[] {
  const from = addDays(today, -EVIDENCE_DAYS)
  return all.filter(({ day }) => day >= from && day <= today)
}
