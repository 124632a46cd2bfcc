import type { TrunkAction } from '../catalogue'
import type { Side } from '../dose'
import type { WeekRules } from '../policy'
import type { SeasonDayKind } from '../season'
import type { Screen } from '../screening'
import type { LiftId } from './lifts'
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
  /** What the season wants of each day from Monday to Sunday; null where it has no say. */
  readonly seasonDays: readonly (SeasonDayKind | null)[] | null
  /** Entry of the position within the sport; one that is known shifts the weights. */
  readonly position: string
  /** What a goal is worked back from. */
  readonly goal: { readonly variationId: string | null, readonly lift: LiftId | null }
  /** School, own lines, bands, locks and the block: all layers laid together. */
  readonly rules: WeekRules
  /** Drills of last week whose sets broke before their amount: their doses stay. */
  readonly notHeld: readonly string[]
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

/** Trunk minutes a session takes at most, beside its lifts (common practice, no source). */
export const TRUNK_CAP_S = 20 * 60
/** The same by kind of day (ours): a low day is short, whatever is in it. */
const KIND_CAP_S: Readonly<Record<SeasonDayKind, number>> = { off: 0, activation: 5 * 60, low: 8 * 60, moderate: 14 * 60, high: TRUNK_CAP_S }

/**
 * Seconds of trunk work a day takes at most.
 *
 * @example
 * trunkCapS(0, null) // => 1200
 */
export function trunkCapS(day: number, seasonDays: PlanningContext['seasonDays']): number {
  const kind = seasonDays?.[day]
  return kind ? KIND_CAP_S[kind] : TRUNK_CAP_S
}
