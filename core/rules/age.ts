import { HAZARDS, type Hazard } from '../catalogue'
import type { Flag } from '../screening/flags'
import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What an age takes away, below so many whole years. */
export interface AgeBand extends Flag { readonly below: number }

const band = (below: number, means: string, removes: readonly Hazard[], more: Partial<Flag> = {}): AgeBand =>
  ({ below, kind: 'amber', name: `Under ${below}`, means, removes, supervised: true, ...more })

/**
 * What the young do not do yet (common practice, no source): technique and own weight first, then light loads, fast
 * loaded work from 16, no held breath and nothing near the most before that; until 18 with somebody who watches.
 */
export const AGE_BANDS: readonly AgeBand[] = [
  band(12, 'Own weight and technique.', ['loaded', 'loadedFlexion', 'loadedRotation', 'ballistic', 'maximal'], {
    noBreathHold: true, highestFatigue: 3,
  }),
  band(14, 'Technique before load.', ['loadedFlexion', 'loadedRotation', 'ballistic', 'maximal'], {
    noBreathHold: true, highestFatigue: 3,
  }),
  band(16, 'Load before speed.', ['loadedFlexion', 'ballistic', 'maximal'], { noBreathHold: true, highestFatigue: 4 }),
  band(18, 'Everything, with somebody who watches.', []),
]

/**
 * The band an age is in; null for adults and where the age is not known.
 *
 * @example
 * ageBand(13)?.name // => 'Under 14'
 */
export function ageBand(ageYears: number | null): AgeBand | null {
  return ageYears === null ? null : AGE_BANDS.find(({ below }) => ageYears < below) ?? null
}

export const age: Rule<'age', readonly AgeBand[], DrillAsked> = {
  id: 'age', scope: 'drill', severity: 'stop', title: 'Technique before load and speed', value: AGE_BANDS,
  source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) => {
    const found = ageBand(screen.ageYears)
    if (!found) return []
    const hit = variation.hazards.filter(hazard => found.removes.includes(hazard))
    if (hit.length > 0) return [`${found.name}: no ${hit.map(h => HAZARDS[h]).join(', ')}. ${found.means}`]
    return variation.fatigue > (found.highestFatigue ?? 5) ? [`${found.name}: nothing as draining. ${found.means}`] : []
  },
}
