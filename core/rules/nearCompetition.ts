import type { SeasonDayKind } from '../season/instance'
import type { TrunkItem } from '../programme/week/week'
import type { Variation } from '../catalogue'

/** What a day near a competition may hold, for a week and for a season. */
export interface NearCompetition {
  /** Days from the competition. */
  readonly offset: number
  /** The most a season puts on such a day. */
  readonly most: SeasonDayKind
  /** Importance from which a season heeds it; a week heeds every competition. */
  readonly from: 'A' | 'C'
  /** What a season says of such a day. */
  readonly says: string
}

/**
 * Whether a day lies so many days from one of some competitions.
 *
 * @example
 * isNear(4, [5], { offset: -1, most: 'activation', from: 'C', says: '' }) // => true
 */
export function isNear(day: number, competitionDays: readonly number[], { offset }: NearCompetition): boolean {
  return competitionDays.includes(day - offset)
}

/**
 * Short, easy and before the lifts: all that a day of activation holds.
 *
 * @example
 * isActivation(item, { ...variation, fatigue: 3 }) // => false
 */
export function isActivation(
  { slot }: Pick<TrunkItem, 'slot'>, { fatigue, mode }: Pick<Variation, 'fatigue' | 'mode'>,
): boolean {
  return slot === 'activation' && fatigue === 1 && mode !== 'ballistic'
}
