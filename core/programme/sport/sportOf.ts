import { perAction, TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import { PHASE_IDS, type PhaseId } from '../../policy'
import { SPORT_CHARACTERS, type SportCharacter } from './characters'
import { sportReason } from './sportReasons'
import { SPORT_PROFILES, type SportProfile, type SportProfileId } from './sportProfiles'
import { SPORT_WANT_IDS, SPORT_WANTS, type SportWantId } from './wants'

/** What an organisation says otherwise about a sport; what it does not name stays ours. */
export interface SportEdit {
  /** Per cent of the whole, by action; all together are made to sum to 100 again. */
  readonly weights: Partial<Readonly<PerAction>>
  readonly times: Partial<Readonly<Record<SportWantId, Partial<Readonly<Record<PhaseId, number>>>>>>
  readonly faults: SportCharacter['faults'] | null
  /** Positions and ways of working, and weeks of the year, where they are said otherwise. */
  readonly postures?: SportCharacter['postures']
  readonly modes?: SportCharacter['modes']
  readonly season?: SportCharacter['season']
  /** Why, for whoever reads it next year. */
  readonly why: string
}
export type SportEdits = Partial<Readonly<Record<SportProfileId, SportEdit>>>

/** All that a sport asks for, as it holds in an organisation. */
export interface Sport extends SportProfile {
  readonly id: SportProfileId
  readonly character: SportCharacter
  /** Times a week that each want is met, in each phase; wants that the sport does not know are left out. */
  readonly times: Partial<Readonly<Record<SportWantId, Readonly<Record<PhaseId, number>>>>>
}

/**
 * A sport as it holds: ours, with what the organisation says otherwise.
 *
 * @param edits none: ours
 * @example
 * sportOf('running').times.turning // => undefined
 */
export function sportOf(id: SportProfileId, edits: SportEdits = {}): Sport {
  const profile = SPORT_PROFILES[id]
  const edit = edits[id]
  const ours = SPORT_CHARACTERS[id]
  const character = {
    ...ours, faults: edit?.faults ?? ours.faults, postures: edit?.postures ?? ours.postures,
    modes: edit?.modes ?? ours.modes, season: edit?.season ?? ours.season,
  }
  const asked = SPORT_WANT_IDS.filter(want => SPORT_WANTS[want].asks(character) || edit?.times[want] !== undefined)
  return {
    ...profile, id, character, weights: edit ? weightsWith(profile.weights, edit.weights) : profile.weights,
    times: Object.fromEntries(asked.map((want) => {
      const usual = SPORT_WANTS[want].asks(character) ? SPORT_WANTS[want].times(character) : null
      return [want, Object.fromEntries(PHASE_IDS.map(phase =>
        [phase, edit?.times[want]?.[phase] ?? usual?.[phase] ?? 0]))]
    })),
  }
}

/**
 * Why a sport weighs an action as it does: our reason, or that the organisation says otherwise and why.
 *
 * @example
 * shareReason('running', 'antiLateralFlexion', {}) // => 'Each stance drops the pelvis if nothing holds it.'
 */
export function shareReason(sport: SportProfileId, action: keyof PerAction, edits: SportEdits = {}): string {
  const edit = edits[sport]
  return edit?.weights[action] === undefined ? sportReason(sport, action) : `Set by the organisation: ${edit.why}`
}

function weightsWith(ours: PerAction, edited: Partial<Readonly<PerAction>>): PerAction {
  const weights = perAction(0)
  for (const action of TRUNK_ACTIONS) {
    const percent = edited[action]
    weights[action] = percent === undefined ? ours[action] : percent / 100
  }
  const total = TRUNK_ACTIONS.reduce((sum, action) => sum + weights[action], 0)
  if (total <= 0) return ours
  for (const action of TRUNK_ACTIONS) weights[action] /= total
  return weights
}
