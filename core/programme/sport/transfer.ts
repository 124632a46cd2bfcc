import { mainLabel, TRUNK_ACTIONS, type Variation } from '../../catalogue'
import { SPORT_PROFILE_IDS, SPORT_PROFILES, type SportProfileId } from './sportProfiles'

/** A sport family that a drill serves above the average, and why. */
export interface Transfer {
  readonly sport: SportProfileId
  /** How well the drill's actions meet the sport's weights, 1 = as well as they meet an even mix. */
  readonly fit: number
  readonly reason: string
}

/** From here a drill is said to transfer (common practice, no source). */
const CLEARLY = 1.25

/**
 * Sport families whose weights over the eight actions a drill meets clearly better than an even mix would, best first.
 *
 * @example
 * transferOf(findVariation('rotation.ball-chop'))[0].sport // => 'throwing'
 */
export function transferOf(variation: Variation): Transfer[] {
  return SPORT_PROFILE_IDS.map((sport): Transfer => {
    const { weights, why } = SPORT_PROFILES[sport]
    const fit = TRUNK_ACTIONS.reduce((sum, action) => sum + (variation.shares[action] ?? 0) * weights[action], 0)
      * TRUNK_ACTIONS.length
    return { sport, fit, reason: `${why} Asks it to ${mainLabel(variation)}.` }
  }).filter(({ fit }) => fit >= CLEARLY).sort((a, b) => b.fit - a.fit)
}
