import type { TrunkAction } from '../catalogue'
import type { Side } from '../dose'
import type { Screen } from '../screening'
import type { SportProfileId } from './sportProfiles'

/** All that the week of one athlete is planned from. */
export interface PlanningContext {
  readonly screen: Screen
  readonly sport: SportProfileId
  readonly trainingAgeYears: number
  readonly weakLink: TrunkAction | null
  readonly weakSide: Side | null
  /** Competition days as offsets from this week's Monday; -1 is the Sunday before, 7 the Monday after. */
  readonly competitionDays: readonly number[]
}

export type DayKind = 'competition' | 'dayBefore' | 'twoDaysBefore' | 'dayAfter' | 'training'

/**
 * What kind of day it is around the competitions: the day itself, the day before (activation only),
 * two days before (nothing new or draining), the day after (easy only). The nearest rule that binds hardest wins.
 *
 * @example
 * dayKindOf(4, [5]) // => 'dayBefore'
 */
export function dayKindOf(day: number, competitionDays: readonly number[]): DayKind {
  if (competitionDays.includes(day)) return 'competition'
  if (competitionDays.includes(day + 1)) return 'dayBefore'
  if (competitionDays.includes(day - 1)) return 'dayAfter'
  return competitionDays.includes(day + 2) ? 'twoDaysBefore' : 'training'
}
