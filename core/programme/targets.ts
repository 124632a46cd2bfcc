import { perAction, TRUNK_ACTIONS, type PerAction, type TrunkAction } from '../catalogue'
import { DomainError } from '../errors'
import { SPORT_PROFILES, type SportProfileId } from './sportProfiles'

/** Weekly seconds of time under tension wanted for one action. */
export interface Band {
  readonly lowS: number
  readonly highS: number
}

export type Targets = Readonly<Record<TrunkAction, Band>>

/** Seconds under tension a session should leave in the trunk, lifts and drills together (common practice, no source). */
export const SESSION_TUT_S = 300
/** Exposures a week that count (common practice, no source). */
const MOST_SESSIONS = 4
/** Below this a target is a ceiling only. */
const SMALL_S = 30

/**
 * Factor of training age on weekly volume (common practice, no source).
 *
 * @example
 * experienceFactor(0.5) // => 0.75
 */
export function experienceFactor(trainingAgeYears: number): number {
  if (trainingAgeYears < 1) return 0.75
  return trainingAgeYears < 4 ? 1 : 1.15
}

/**
 * Weekly target per action: sessions (at most four count) x 300 s x experience x sport weight,
 * as a band from 80 to 130 %. The weak link is asked for half as much again.
 *
 * @param sessions sessions in the week, 0-14
 * @throws DomainError `sessions` or `trainingAgeYears` when out of range.
 * @example
 * weeklyTargets({ sport: 'general', sessions: 3, trainingAgeYears: 2, weakLink: null }).antiExtension // => { lowS: 145, highS: 235 }
 */
export function weeklyTargets(of: {
  readonly sport: SportProfileId
  readonly sessions: number
  readonly trainingAgeYears: number
  readonly weakLink: TrunkAction | null
}): Targets {
  if (!(of.sessions >= 0 && of.sessions <= 14)) throw new DomainError('sessions', 'A week holds 0 to 14 sessions.')
  if (!(of.trainingAgeYears >= 0 && of.trainingAgeYears <= 60)) {
    throw new DomainError('trainingAgeYears', 'Training age goes from 0 to 60 years.')
  }
  const totalS = Math.min(of.sessions, MOST_SESSIONS) * SESSION_TUT_S * experienceFactor(of.trainingAgeYears)
  const { weights } = SPORT_PROFILES[of.sport]
  const wanted: PerAction = perAction(0)
  for (const action of TRUNK_ACTIONS) wanted[action] = totalS * weights[action] * (action === of.weakLink ? 1.5 : 1)
  return Object.fromEntries(TRUNK_ACTIONS.map(action => [action, band(wanted[action])])) as Record<TrunkAction, Band>
}

function band(wantedS: number): Band {
  const toFive = (s: number): number => Math.round(s / 5) * 5
  if (wantedS === 0) return { lowS: 0, highS: 0 }
  if (wantedS < SMALL_S) return { lowS: 0, highS: 60 }
  return { lowS: toFive(wantedS * 0.8), highS: Math.max(toFive(wantedS * 1.3), 60) }
}
