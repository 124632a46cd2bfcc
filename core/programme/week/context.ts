import type { KnownTrunk } from '../../capacity'
import type { TrunkAction } from '../../catalogue'
import type { Side } from '../../dose'
import type { WeekRules } from '../../policy'
import type { FacilityWeights, Given, Progress } from '../../prescription'
import type { Screen } from '../../screening/screen'
import type { SeasonDayKind } from '../../season/instance'
import type { LiftId } from '../lifts/lifts'
import type { SportEdits } from '../sport/sportOf'
import type { SportProfileId } from '../sport/sportProfiles'

/** What a coach decided is to be given of a drill. */
export interface Decided extends Given {
  /** In these sets, no more and no fewer; else in as many as the week wants. */
  readonly firm: boolean
}

/** All that the week of one athlete is planned from. */
export interface PlanningContext {
  /** The athlete on the week's Monday; what does not change within a week is read here. */
  readonly screen: Screen
  /** The athlete on each day from Monday to Sunday; the Monday's on all of them where not given. */
  readonly screens?: readonly Screen[]
  readonly sport: SportProfileId
  /** What the organisation says otherwise about sports. */
  readonly sports?: SportEdits
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
  /** What last week's sets said of each drill; one that was not done goes on as it was. */
  readonly progress: Readonly<Record<string, Progress>>
  /** What coaches decided of drills, before whatever sets say; null: left for another. */
  readonly decided?: Readonly<Record<string, Decided | null>>
  /** Most full sets of one of the last three weeks, lifts and drills; null: nothing is known of them. */
  readonly bestLately?: number | null
  /** What is known of the trunk: efforts are reckoned by it. */
  readonly trunk: KnownTrunk
  /** Weights that there are; what is not named is as usual. */
  readonly weights?: FacilityWeights
}

/**
 * The athlete as screening sees them on a weekday of the week: flags, clearances and age count on the day itself.
 *
 * @example
 * screenOn(context, 3).ageYears // => 24
 */
export function screenOn({ screen, screens }: Pick<PlanningContext, 'screen' | 'screens'>, day: number): Screen {
  return screens?.[day] ?? screen
}
