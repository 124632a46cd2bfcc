import type { Choices } from '~~/core/merge'
import { mergeWeeks, type WeekChoice, type WeekPlan } from '~~/core/programme'
import type { Catalogue } from '~~/core/catalogue'
import type { TrainingWeek } from '~~/shared/types'

/** Two coaches' versions of one week: what is the same of both, and what only a person can choose. */
export interface WeekMeeting {
  readonly who: string
  readonly conflicts: readonly WeekChoice[]
  readonly theirChanges: readonly string[]
  /** Both, with mine wherever they clash. */
  readonly merged: WeekPlan
  readonly chosen: (choices: Choices) => WeekPlan
  /** A step of mine, with theirs in it. */
  readonly carried: (step: WeekPlan) => WeekPlan
}

/** Puts (mine) and what somebody else stored side by side, from the ground both started from. */
export function weekMeeting(
  base: WeekPlan, mine: WeekPlan, current: TrainingWeek, catalogue: Catalogue,
): WeekMeeting {
  const { plan, conflicts, theirChanges } = mergeWeeks(base, mine, current.plan, catalogue)
  return {
    who: current.changedBy ?? 'Somebody else', conflicts, theirChanges, merged: plan,
    chosen: choices => mergeWeeks(base, mine, current.plan, catalogue, choices).plan,
    carried: step => mergeWeeks(base, step, current.plan, catalogue).plan,
  }
}
